'use client';

import { UNREAD } from '@/core/records/plan/newPlan';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { moneyWords } from '@/core/work/parts/moneyWords';
import type { ComparedBody } from '@/core/work/judging/compareLiquids';
import { aboutTime, formatAmps, formatMinutes, formatVolts } from '@/core/units';
import { JobStatus } from '@/ui/JobStatus';
import { useSettled } from '@/ui/useSettled';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

const SETTLE_MS = 200;

/** The same battery with each of the recipe's liquids or fruit: volts, milliamps, minutes, price. */
export function LiquidsCompared() {
  const plan = useSettled(usePlan(), SETTLE_MS);
  const { evaluation, cupboard } = usePlanContext();
  const { entries, currency } = cupboard.state;
  const edit = useEdit();
  const { body } = evaluation.cell;
  const job = useWorkerJob(
    useCallback((jobs) => jobs.compareLiquids(plan, { entries }), [plan, entries]),
  );
  const { cellsInSeries, strings } = evaluation.wiring;
  return (
    <>
      <Typography variant="body2" color="textSecondary">
        {cellsInSeries} in series × {strings}, typical values; into the {evaluation.need.name}.
      </Typography>
      {job.latest === null || job.failure !== null ? <JobStatus job={job} /> : null}
      {job.latest === null ? null : (
        <Table
          size="small"
          aria-label="The same battery with each"
          sx={{
            '& td, & th': { px: 0.75 },
            display: { xs: 'block', sm: 'table' },
            overflowX: 'auto',
          }}
        >
          <TableHead>
            <TableRow>
              <TableCell>in the cells</TableCell>
              <TableCell align="right">one cell</TableCell>
              <TableCell align="right">at first → at the end</TableCell>
              <TableCell align="right">enough for</TableCell>
              <TableCell align="right">ends after</TableCell>
              <TableCell align="right">price</TableCell>
              <TableCell align="right">choose</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {job.latest.map((row) => (
              <Row
                key={row.bodyId}
                row={row}
                minutes={plan.minutes}
                currency={currency}
                chosen={row.bodyId === body.id}
                onTake={() =>
                  edit((before) => ({
                    ...before,
                    cell: { ...before.cell, body: row.bodyId, ...UNREAD },
                  }))
                }
              />
            ))}
          </TableBody>
        </Table>
      )}
    </>
  );
}

interface RowProps {
  readonly row: ComparedBody;
  readonly minutes: number;
  readonly currency: string;
  readonly chosen: boolean;
  readonly onTake: () => void;
}

function Row({ row, minutes, currency, chosen, onTake }: RowProps) {
  const { enoughForMinutes: enough } = row;
  return (
    <TableRow selected={chosen}>
      <TableCell component="th" scope="row">
        {row.name}
      </TableCell>
      <TableCell align="right">{formatVolts(row.cellVolts)}</TableCell>
      <TableCell align="right">
        {formatAmps(row.amps)} → {formatAmps(row.ampsAtEnd)}
      </TableCell>
      <TableCell align="right">
        {enough <= 0
          ? 'never'
          : enough >= minutes * (1 - 1e-6)
            ? `all ${formatMinutes(minutes)}`
            : aboutTime(60 * enough)}
      </TableCell>
      <TableCell align="right">
        {row.endsAfterMinutes > 43_200 ? 'weeks' : aboutTime(60 * row.endsAfterMinutes)}
      </TableCell>
      <TableCell align="right">{moneyWords(row.price, currency)}</TableCell>
      <TableCell align="right">
        {chosen ? (
          'taken'
        ) : (
          <Button size="small" onClick={onTake} aria-label={`Take ${row.name}`}>
            Take it
          </Button>
        )}
      </TableCell>
    </TableRow>
  );
}
