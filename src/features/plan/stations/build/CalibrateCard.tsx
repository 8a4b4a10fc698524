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
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { cellAmpsAt } from '@/core/physics/chemistry/cellAmpsAt';
import { calibratedPlan } from '@/core/work/guide/calibratedPlan';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { evaluatePlan, type PlanEvaluation } from '@/core/work/planning/evaluatePlan';
import { chanceWording, verdictOf } from '@/core/work/planning/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchChoice } from '../../useBenchFacts';

/** Takes the first cell’s readings for the plan’s cell, with the plan before and after side by side. */
export function CalibrateCard({ readings }: { readonly readings: readonly LoggedReading[] }) {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { group } = useBenchChoice();
  const [open, setOpen] = useState(false);
  const calibrated = useMemo(() => calibratedPlan(plan, readings), [plan, readings]);
  const after = useMemo(
    () => (open && calibrated !== null ? evaluatePlan(calibrated) : null),
    [open, calibrated],
  );
  return (
    <Card title="Plan with this cell">
      <Typography variant="body2" color="textSecondary">
        {calibrated === null
          ? 'Read the volts and the milliamps of the first cell: then the whole plan can be worked out from it.'
          : `Group ${group} has read its first cell. The plan can be worked out from that instead of ${evaluation.cell.origin === 'own' ? 'the readings it has' : 'typical values'}.`}
      </Typography>
      <Button
        size="small"
        variant="outlined"
        disabled={calibrated === null}
        onClick={() => setOpen(true)}
        sx={{ mt: 1 }}
      >
        Compare before and after
      </Button>
      <Dialog
        open={open && calibrated !== null}
        onClose={() => setOpen(false)}
        aria-labelledby="calibrate"
        maxWidth="sm"
        fullWidth
      >
        <DialogTitle id="calibrate">The plan with group {group}’s first cell</DialogTitle>
        <DialogContent>
          {after === null ? null : <BeforeAndAfter before={evaluation} after={after} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Leave the plan as it is</Button>
          <Button
            variant="contained"
            onClick={() => {
              edit((before) => calibratedPlan(before, readings) ?? before);
              setOpen(false);
            }}
          >
            Use this cell
          </Button>
        </DialogActions>
      </Dialog>
    </Card>
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
    ['how sure', (one) => chanceWording(one)],
    ['verdict', (one) => verdictOf(one).headline],
  ];
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table size="small" aria-label="The plan before and after">
        <TableHead>
          <TableRow>
            <TableCell />
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
