import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { combinationsFor } from '@/core/work/search/combinations';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { whyImpossible } from '@/core/work/search/impossible';
import { nearestFeasibleTarget } from '@/core/work/search/nearestFeasibleTarget';
import type { GridPlan } from '@/core/work/search/planGrids';
import { withOwnWiring } from '../../../arrangementEdits';
import type { useEdit } from '../../../PlanProvider';

interface ImpossibleProps {
  readonly plan: Extract<GridPlan, { status: 'impossible' }>;
  readonly evaluation: PlanEvaluation;
  readonly edit: ReturnType<typeof useEdit>;
  /** Options that work all the same are listed below: they take more metal, or another cell. */
  readonly othersWork: boolean;
}

/** Why the wish cannot be met directly, the nearest one that can, and ways round. */
export function Impossible({ plan, evaluation, edit, othersWork }: ImpossibleProps) {
  const { cell, asked, target } = evaluation;
  const nearest = useMemo(() => nearestFeasibleTarget(asked, target), [asked, target]);
  const combinations = useMemo(() => combinationsFor(cell.model, asked.need), [cell.model, asked]);
  return (
    <Alert
      severity="error"
      data-testid="impossible"
      sx={{ mb: 1, '& .MuiAlert-message': { minWidth: 0 } }}
    >
      {whyImpossible(asked, plan)}
      {othersWork ? (
        <p>With more metal in each or another cell it can be: see the options below.</p>
      ) : null}
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
      {combinations.map((combination) => (
        <p key={combination.kind}>
          {combination.wording}{' '}
          <Button
            size="small"
            color="inherit"
            onClick={() => edit((before) => withOwnWiring(before, combination))}
          >
            Lay that out
          </Button>
        </p>
      ))}
    </Alert>
  );
}
