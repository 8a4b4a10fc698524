'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useMemo } from 'react';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { cellOfPlan } from '@/core/records/plan/cellOfPlan';
import { firstCellsWords } from '@/core/work/words/firstCellsWords';
import { withFirstCells } from '@/core/work/guide/firstCellsOfClass';
import { Card } from '@/ui/Card';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** Rest after a reading before the planner is asked, milliseconds. */
const QUIET_MS = 400;

interface FirstCellsCardProps {
  readonly groups: readonly string[];
  readonly lines: readonly LogLine[];
}

/** What the first cells of all groups tell together, and, where another wiring is right then, one press for all. */
export function FirstCellsCard({ groups, lines }: FirstCellsCardProps) {
  const plan = usePlan();
  const edit = useEdit();
  const { wiring } = usePlanContext().evaluation;
  const known = useMemo(() => withFirstCells(plan, groups, lines), [plan, groups, lines]);
  const asked = known !== null && plan.arrangement.kind !== 'desk';
  const suggested = useWorkerJob(
    useCallback((jobs) => (asked ? jobs.wiringOf(known) : Promise.resolve(null)), [asked, known]),
    { quietMs: QUIET_MS },
  ).latest;
  if (known === null) return null;
  const { belief } = cellOfPlan(known);
  const another =
    suggested !== null &&
    (suggested.cellsInSeries !== wiring.cellsInSeries || suggested.strings !== wiring.strings);
  const taken = JSON.stringify(known.cell.trialCells) === JSON.stringify(plan.cell.trialCells);
  return (
    <Card title="First cells of the class">
      <Typography role="status" data-testid="first-cells">
        {firstCellsWords(belief)}
      </Typography>
      {another || !taken ? (
        <Button
          size="small"
          variant={another ? 'contained' : 'outlined'}
          sx={{ mt: 1 }}
          onClick={() =>
            edit((before) => ({
              ...(withFirstCells(before, groups, lines) ?? before),
              ...(another ? { arrangement: { kind: 'suggested' } } : {}),
            }))
          }
        >
          {another
            ? `Build ${suggested.cellsInSeries} × ${suggested.strings} instead of ${wiring.cellsInSeries} × ${wiring.strings}`
            : 'Plan with them'}
        </Button>
      ) : null}
    </Card>
  );
}
