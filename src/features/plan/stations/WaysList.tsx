'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import { evaluateWiring, type PlanEvaluation } from '@/core/planning/evaluatePlan';
import { whyImpossible } from '@/core/planning/impossible';
import { nearestWish } from '@/core/planning/nearest';
import type { GridCandidate, GridPlan } from '@/core/planning/planGrids';
import { inHundred } from '@/core/planning/verdict';
import { waysReason } from '@/core/planning/reasons';
import { formatAmps } from '@/core/units';
import { HEADING_FONT } from '@/ui/theme';
import { withOwnWiring } from '../arrangementEdits';
import type { useEdit } from '../PlanProvider';

type Edit = ReturnType<typeof useEdit>;

interface WaysListProps {
  readonly evaluation: PlanEvaluation;
  /** Whether the plan follows the planner's suggestion. */
  readonly suggested: boolean;
  readonly edit: Edit;
}

/** The planner's wirings, or why there is none and what comes closest. */
export const WaysList = memo(function WaysList({ evaluation, suggested, edit }: WaysListProps) {
  const { ways } = evaluation;
  return (
    <Box component="section" aria-labelledby="ways-title">
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', mb: 1 }}>
        <Typography variant="h2" id="ways-title">
          Ways to do it
        </Typography>
        <Typography variant="caption" color="textSecondary">
          fewest cells first
        </Typography>
      </Box>
      {ways.status === 'possible' ? (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
          {ways.candidates.map((candidate) => (
            <li key={`${candidate.cellsInSeries}-${candidate.strings}`}>
              <WayCard candidate={candidate} evaluation={evaluation} edit={edit} />
            </li>
          ))}
        </Box>
      ) : (
        <Impossible ways={ways} evaluation={evaluation} edit={edit} />
      )}
      {!suggested && ways.status === 'possible' ? (
        <Button
          size="small"
          sx={{ mt: 1 }}
          onClick={() => edit((before) => ({ ...before, arrangement: { kind: 'suggested' } }))}
        >
          Follow the suggestion again
        </Button>
      ) : null}
    </Box>
  );
});

interface WayCardProps {
  readonly candidate: GridCandidate;
  readonly evaluation: PlanEvaluation;
  readonly edit: Edit;
}

function WayCard({ candidate, evaluation, edit }: WayCardProps) {
  const { wiring, cell, need } = evaluation;
  const { cellsInSeries, strings, cells, chance } = candidate;
  const chosen = wiring.cellsInSeries === cellsInSeries && wiring.strings === strings;
  const { amps, brightness } = evaluateWiring(cell, need, candidate);
  const bodies = cells === 1 ? cell.body.name : cell.body.plural;
  return (
    <ButtonBase
      aria-pressed={chosen}
      onClick={() => edit((before) => withOwnWiring(before, candidate))}
      sx={{
        display: 'block',
        width: '100%',
        fontFamily: 'inherit',
        textAlign: 'left',
        p: 1.5,
        borderRadius: 1,
        border: chosen ? 2 : 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        bgcolor: 'background.paper',
        '&:focus-visible': { outline: 2 },
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'start' }}>
        <Box sx={{ fontFamily: HEADING_FONT, fontWeight: 600, fontSize: '1.02rem' }}>
          {cellsInSeries} in series × {strings}
        </Box>
        <Box
          sx={{
            px: 1,
            borderRadius: 5,
            bgcolor: 'success.light',
            color: 'success.main',
            fontSize: '0.8rem',
            whiteSpace: 'nowrap',
            fontWeight: 600,
          }}
        >
          {inHundred(chance)} in 100
        </Box>
      </Box>
      <Typography variant="body2" color="textSecondary">
        {cells} {bodies} · {formatAmps(amps)}
        {brightness === null ? '' : `, ${brightness}`}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {waysReason(candidate, evaluation)}
      </Typography>
    </ButtonBase>
  );
}

interface ImpossibleProps {
  readonly ways: Extract<GridPlan, { status: 'impossible' }>;
  readonly evaluation: PlanEvaluation;
  readonly edit: Edit;
}

function Impossible({ ways, evaluation, edit }: ImpossibleProps) {
  const { cell, need, target } = evaluation;
  const nearest = useMemo(() => nearestWish(cell.model, target), [cell.model, target]);
  return (
    <Alert
      severity="error"
      data-testid="impossible"
      sx={{ '& .MuiAlert-message': { minWidth: 0 } }}
    >
      {whyImpossible(cell.model, need, ways)}
      {nearest === null ? (
        <p>No LED of any colour glows with this cell either.</p>
      ) : (
        <>
          <p>
            The nearest thing that can be done: {nearest.wording}, with {nearest.grid.cellsInSeries}{' '}
            in series × {nearest.grid.strings}.
          </p>
          <Button
            size="small"
            variant="outlined"
            color="inherit"
            onClick={() =>
              edit((before) => ({
                ...before,
                target: nearest.target,
                arrangement: { kind: 'suggested' },
              }))
            }
          >
            Plan that instead
          </Button>
        </>
      )}
    </Alert>
  );
}
