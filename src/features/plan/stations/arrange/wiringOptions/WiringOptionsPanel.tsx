'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { memo, useCallback, useMemo, useState, type ComponentProps } from 'react';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import {
  OBJECTIVES,
  type BatteryCandidate,
  type Objective,
  type Order,
} from '@/core/work/search/plannerTypes';
import { PLANNING_DEFAULTS } from '@/core/work/search/planGrids';
import { asPercentRounded } from '@/core/work/judging/verdict';
import { SEARCH_DEFAULTS, type SearchLimits } from '@/core/work/search/wiringOptions';
import type { useEdit } from '../../../PlanProvider';
import { Impossible } from './Impossible';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { MoreCurrent } from './MoreCurrent';
import { Fold } from '@/ui/Fold';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { isLaidOut, WiringOptionCard } from './WiringOptionCard';
import { CellTypesButton } from '../../../cellTypes/CellTypesButton';
import { TypicalPrices } from '../../../TypicalPrices';
import { SearchLimitFields } from './SearchLimitFields';

interface WiringOptionsPanelProps {
  readonly evaluation: PlanEvaluation;
  /** Whether the plan follows the planner's suggestion. */
  readonly suggested: boolean;
  readonly edit: ReturnType<typeof useEdit>;
  readonly prices: Pick<CupboardState, 'entries' | 'currency'>;
}

const OBJECTIVE_NAMES: Readonly<Record<Objective, string>> = {
  'least-to-buy': 'least to buy',
  'fewest-cells': 'fewest cells',
  'lowest-cost': 'lowest cost',
  brightest: 'most current',
  longest: 'longest',
  surest: 'surest',
  'least-waste': 'least waste',
};

/** The planner's batteries, sorted as wished, or why there is none and what comes closest. */
export const WiringOptionsPanel = memo(function WiringOptionsPanel({
  evaluation,
  suggested,
  edit,
  prices,
}: WiringOptionsPanelProps) {
  const { entries, currency } = prices;
  const [wish, setWish] = useState<SearchLimits>(SEARCH_DEFAULTS);
  const { basis, wiringOptions } = evaluation;
  // What is laid out makes no other question of it.
  const { cell, target, minutes, running, seriesResistor, meter, have, batteries } = basis;
  const question = useMemo(
    () => ({ cell, target, minutes, running, seriesResistor, meter, have, batteries }),
    [cell, target, minutes, running, seriesResistor, meter, have, batteries],
  );
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.wiringOptions(question, wish, { entries }),
      [question, wish, entries],
    ),
  );
  // An older answer stays while a newer one is worked out.
  const outcome = job.latest;
  return (
    <Box component="section" aria-labelledby="ways-title">
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" id="ways-title">
          Wiring options
        </Typography>
        <Selection
          value={wish.objective}
          label="Sort the options by"
          hideLabel
          onChange={(chosen) => setWish({ ...wish, objective: chosen })}
          sx={{ '& select': { fontSize: '0.85rem', py: 0.5 } }}
          options={OBJECTIVES.map((objective) => [objective, OBJECTIVE_NAMES[objective]] as const)}
        />
      </Box>
      {wiringOptions.status === 'impossible' ? (
        <Impossible
          plan={wiringOptions}
          evaluation={evaluation}
          edit={edit}
          othersWork={outcome?.candidates.some(({ recommended }) => recommended) ?? false}
        />
      ) : null}
      {outcome === null || job.failure !== null ? (
        <JobStatus job={job}>Looking for wirings …</JobStatus>
      ) : null}
      {outcome === null ? null : (
        <>
          <TypicalPrices needed={outcome.candidates.some(({ price }) => price === null)} />
          <Options
            {...sortedOut(outcome.candidates, evaluation)}
            {...{ evaluation, edit, currency }}
            order={outcome.order}
          />
        </>
      )}
      {!suggested && wiringOptions.status === 'possible' ? (
        <Button
          size="small"
          sx={{ mt: 1 }}
          onClick={() => edit((before) => ({ ...before, arrangement: { kind: 'suggested' } }))}
        >
          Follow the suggestion again
        </Button>
      ) : null}
      <CellTypesButton />
      <SearchLimitFields wish={wish} onWish={setWish} />
      {outcome !== null && outcome.impossible.length > 0 ? (
        <Fold label={leftOut(outcome.impossible.length)}>
          <Box component="ul" sx={{ pl: 2.25, m: 0 }} data-testid="why-not">
            {outcome.impossible.map(({ recipe, explanation }) => (
              <Typography key={recipe.id} component="li" variant="body2" color="textSecondary">
                {explanation}
              </Typography>
            ))}
          </Box>
        </Fold>
      ) : null}
      <MoreCurrent evaluation={evaluation} edit={edit} prices={prices} />
    </Box>
  );
});

interface Sorted {
  readonly laidOut: readonly BatteryCandidate[];
  /** The first of the others in the order asked for: to be seen at once. */
  readonly first: readonly BatteryCandidate[];
  /** Others that work in nearly every class, in that order. */
  readonly others: readonly BatteryCandidate[];
  /** What may well fail in class. */
  readonly marginal: readonly BatteryCandidate[];
}

function sortedOut(candidates: readonly BatteryCandidate[], evaluation: PlanEvaluation): Sorted {
  const laidOut = candidates.filter((one) => isLaidOut(one, evaluation));
  const rest = candidates.filter((one) => !laidOut.includes(one));
  const first = rest.slice(0, 1);
  const folded = rest.slice(1);
  return {
    laidOut,
    first,
    others: folded.filter(({ recommended }) => recommended),
    marginal: folded.filter(({ recommended }) => !recommended),
  };
}

/** What the options are really ordered by. */
const ORDER_WORDS: Readonly<Record<Order, string>> = {
  'fewest-cells': 'Fewest cells first',
  'lowest-cost': 'Lowest price first',
  brightest: 'Most current first',
  longest: 'Longest first',
  surest: 'Surest first',
  'least-waste': 'Least waste first',
};

type OptionsProps = Sorted & { readonly order: Order } & Omit<
    ComponentProps<typeof WiringOptionCard>,
    'candidate' | 'large'
  >;

/** The one that is laid out, then the others in their order, most of them folded away; marginal ones apart. */
function Options({ laidOut, first, others, marginal, order, ...card }: OptionsProps) {
  const sure = first.every(({ recommended }) => recommended);
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      {laidOut.length === 0 ? null : (
        <OptionList label="Laid out" options={laidOut} large {...card} />
      )}
      {first.length === 0 ? null : (
        <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 0.5 }}>
          {ORDER_WORDS[order]}
          {sure ? ' of all that work:' : ', none works in nearly every class:'}
        </Typography>
      )}
      {first.length === 0 ? null : (
        <OptionList
          label={sure ? 'Recommended' : 'Nearest to it'}
          options={first}
          large
          {...card}
        />
      )}
      {others.length === 0 ? null : (
        <Fold label={`${others.length} more that ${others.length === 1 ? 'works' : 'work'}`}>
          <OptionList label="More that work" options={others} {...card} />
        </Fold>
      )}
      {marginal.length === 0 ? null : (
        <Fold label={`${marginal.length} marginal`}>
          <Typography variant="caption" color="textSecondary" component="p" sx={{ mb: 1 }}>
            These work in fewer than {asPercentRounded(PLANNING_DEFAULTS.recommendedFrom)} of 100
            classes.
          </Typography>
          <OptionList label="Marginal" options={marginal} {...card} />
        </Fold>
      )}
    </Box>
  );
}

interface OptionListProps extends Omit<ComponentProps<typeof WiringOptionCard>, 'candidate'> {
  readonly label: string;
  readonly options: readonly BatteryCandidate[];
}

function OptionList({ label, options, ...card }: OptionListProps) {
  return (
    <Box
      component="ul"
      aria-label={label}
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
    >
      {options.map((candidate) => (
        <li
          key={`${candidate.cell.piece} ${candidate.cellsInSeries} ${candidate.strings} ${candidate.pairsPerBody}`}
        >
          <WiringOptionCard candidate={candidate} {...card} />
        </li>
      ))}
    </Box>
  );
}

function leftOut(types: number): string {
  return types === 1 ? 'Why is one type left out?' : `Why are ${types} types left out?`;
}
