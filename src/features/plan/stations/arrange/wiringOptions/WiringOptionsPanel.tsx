'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { memo, useCallback, useMemo, useState } from 'react';
import type { PlanEvaluation } from '@/core/work/planning/evaluatePlan';
import {
  OBJECTIVES,
  type BatteryCandidate,
  type Objective,
} from '@/core/work/planning/plannerTypes';
import { SEARCH_DEFAULTS, type SearchLimits } from '@/core/work/planning/wiringOptions';
import type { useEdit } from '../../../PlanProvider';
import { Impossible } from './Impossible';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { MoreCurrent } from './MoreCurrent';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { isLaidOut, WiringOptionCard } from './WiringOptionCard';
import { SearchLimitFields } from './SearchLimitFields';

interface WiringOptionsPanelProps {
  readonly evaluation: PlanEvaluation;
  /** Whether the plan follows the planner's suggestion. */
  readonly suggested: boolean;
  readonly edit: ReturnType<typeof useEdit>;
  readonly prices: Pick<CupboardState, 'entries' | 'currency'>;
}

const OBJECTIVE_NAMES: Readonly<Record<Objective, string>> = {
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
  const [whyNot, setWhyNot] = useState(false);
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
          label="Sort the ways by"
          hideLabel
          onChange={(chosen) => setWish({ ...wish, objective: chosen as Objective })}
          sx={{ '& select': { fontSize: '0.85rem', py: 0.5 } }}
        >
          {OBJECTIVES.map((objective) => (
            <option key={objective} value={objective}>
              {OBJECTIVE_NAMES[objective]}
            </option>
          ))}
        </Selection>
      </Box>
      {wiringOptions.status === 'impossible' ? (
        <Impossible plan={wiringOptions} evaluation={evaluation} edit={edit} />
      ) : null}
      {outcome === null || job.failure !== null ? (
        <JobStatus job={job}>Looking for wirings …</JobStatus>
      ) : null}
      {outcome === null ? null : (
        <Box
          component="ul"
          aria-label="Ways"
          sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
        >
          {chosenFirst(outcome.candidates, evaluation).map((candidate) => (
            <li
              key={`${candidate.family.id} ${candidate.cellsInSeries} ${candidate.strings} ${candidate.pairsPerBody}`}
            >
              <WiringOptionCard
                candidate={candidate}
                evaluation={evaluation}
                edit={edit}
                currency={currency}
              />
            </li>
          ))}
        </Box>
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
      <SearchLimitFields wish={wish} onWish={setWish} />
      {outcome !== null && outcome.impossible.length > 0 ? (
        <>
          <Button size="small" onClick={() => setWhyNot(!whyNot)} aria-expanded={whyNot}>
            {whyNot ? 'Hide why' : leftOut(outcome.impossible.length)}
          </Button>
          {whyNot ? (
            <Box component="ul" sx={{ pl: 2.25, m: 0 }} data-testid="why-not">
              {outcome.impossible.map(({ family, explanation }) => (
                <Typography key={family.id} component="li" variant="body2" color="textSecondary">
                  {explanation}
                </Typography>
              ))}
            </Box>
          ) : null}
        </>
      ) : null}
      <MoreCurrent evaluation={evaluation} edit={edit} prices={prices} />
    </Box>
  );
});

/** What is laid out stands at the top; the others keep their order. */
function chosenFirst(
  candidates: readonly BatteryCandidate[],
  evaluation: PlanEvaluation,
): BatteryCandidate[] {
  return [
    ...candidates.filter((one) => isLaidOut(one, evaluation)),
    ...candidates.filter((one) => !isLaidOut(one, evaluation)),
  ];
}

function leftOut(types: number): string {
  return types === 1 ? 'Why is one type left out?' : `Why are ${types} types left out?`;
}
