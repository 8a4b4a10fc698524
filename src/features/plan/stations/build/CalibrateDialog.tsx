'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMemo } from 'react';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import type { Plan } from '@/core/records/plan/planSchema';
import { evaluatePlan, type PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { chanceWording, verdictOf } from '@/core/work/judging/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { usePlanContext } from '../../PlanProvider';

interface CalibrateDialogProps {
  /** The plan with the cell as it was read. */
  readonly calibrated: Plan;
  readonly onUse: () => void;
  readonly onClose: () => void;
}

/** The plan before and after, side by side, and the choice between them. */
export function CalibrateDialog({ calibrated, onUse, onClose }: CalibrateDialogProps) {
  const { evaluation } = usePlanContext();
  const after = useMemo(() => evaluatePlan(calibrated), [calibrated]);
  return (
    <Dialog open onClose={onClose} aria-labelledby="calibrate" maxWidth="sm" fullWidth>
      <DialogTitle id="calibrate">The plan with this first cell</DialogTitle>
      <DialogContent>
        <BeforeAndAfter before={evaluation} after={after} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave the plan as it is</Button>
        <Button variant="contained" onClick={onUse}>
          Use this cell
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function BeforeAndAfter(props: {
  readonly before: PlanEvaluation;
  readonly after: PlanEvaluation;
}) {
  const { before, after } = props;
  const rows: readonly [string, (one: PlanEvaluation) => string][] = [
    ['open-circuit voltage of a cell', ({ cell }) => formatVolts(cell.model.emfVolts)],
    ['short-circuit current of a cell', ({ cell }) => formatAmps(cellAmpsAt(cell.model, 0))],
    ['internal resistance of a cell', ({ cell }) => resistanceOf(cell.model)],
    ['arrangement', ({ wiring }) => `${wiring.cellsInSeries} in series × ${wiring.strings}`],
    ['current through the device', ({ amps }) => formatAmps(amps)],
    ['how sure', ({ classes }) => chanceWording(classes.chance)],
    ['verdict', (one) => verdictOf(one).headline],
  ];
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table size="small" aria-label="The plan before and after">
        <TableHead>
          <TableRow>
            <TableCell component="td" />
            <TableCell>before</TableCell>
            <TableCell>after</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(([name, text]) => (
            <TableRow key={name}>
              <TableCell component="th" scope="row">
                {name}
              </TableCell>
              <TableCell>{text(before)}</TableCell>
              <TableCell sx={{ fontWeight: text(before) === text(after) ? 400 : 700 }}>
                {text(after)}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

function resistanceOf(model: PlanEvaluation['cell']['model']): string {
  const amps = cellAmpsAt(model, 0);
  return amps > 0 ? formatOhms(model.emfVolts / amps) : '–';
}
