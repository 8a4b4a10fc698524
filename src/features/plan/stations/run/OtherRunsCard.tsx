'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { AA_CELL } from '@/core/physics/chemistry/referenceCells';
import { boughtCells, type ComparedRun } from '@/core/work/running/compareRuns';
import { aboutTime } from '@/core/work/running/runWords';
import { formatJoules, formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { SourceLinks } from '@/ui/SourceLinks';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { usePlan, usePlanContext } from '../../PlanProvider';

/** The same load on fewer and more strings, under other covers, and on bought cells. */
export function OtherRunsCard({ cupboard }: { readonly cupboard: CupboardState }) {
  const { running } = usePlan();
  const { evaluation } = usePlanContext();
  const { cell, desk, need, wiring } = evaluation;
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.compareRuns({ cell, desk, need, wiring }, running, cupboard),
      [cell, desk, need, wiring, running, cupboard],
    ),
    { worker: 'patient' },
  );
  const rows = job.answer;
  const bought = boughtCells(evaluation.volts, evaluation.amps);
  const inMoney = (price: number): string => `${formatNumber(price)} ${cupboard.currency}`.trim();
  const cheapest = bought === null ? null : perJoule(rows, bought);
  return (
    <Card title="Against other ways">
      {rows === null ? (
        <JobStatus job={job} />
      ) : (
        <Table
          size="small"
          aria-label="How long other ways run"
          sx={{ '& td, & th': { px: 0.75 }, '& td': { whiteSpace: 'nowrap' } }}
        >
          <TableHead>
            <TableRow>
              <TableCell>way</TableCell>
              <TableCell align="right">enough for</TableCell>
              <TableCell align="right">runs</TableCell>
              <TableCell align="right">gives</TableCell>
              <TableCell align="right">parts cost</TableCell>
              <TableCell align="right">of that used up</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(({ name, run, firstAmps, money }) => (
              <TableRow key={name}>
                <TableCell component="th" scope="row">
                  {name}
                </TableCell>
                <TableCell align="right">
                  {enoughFor(run, firstAmps >= 0.999 * evaluation.need.amps)}
                </TableCell>
                <TableCell align="right">
                  {run.end.reason === 'time-is-up' ? 'weeks' : aboutTime(run.endSeconds)}
                </TableCell>
                <TableCell align="right">{formatJoules(run.joules)}</TableCell>
                <TableCell align="right">{inMoney(money.all)}</TableCell>
                <TableCell align="right">{inMoney(money.usedUp)}</TableCell>
              </TableRow>
            ))}
            {bought === null ? null : (
              <TableRow>
                <TableCell component="th" scope="row">
                  {bought.cells} bought AA, at the same current
                </TableCell>
                <TableCell align="right">{aboutTime(bought.seconds)}</TableCell>
                <TableCell align="right">{aboutTime(bought.seconds)}</TableCell>
                <TableCell align="right">{formatJoules(bought.joules)}</TableCell>
                <TableCell align="right">{inMoney(bought.price)}</TableCell>
                <TableCell align="right">{inMoney(bought.price)}</TableCell>
              </TableRow>
            )}
          </TableBody>
        </Table>
      )}
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        Enough: as much current as the plan wants. A bought cell pushes far more current: an LED on
        it needs a resistor, which takes its share of the {formatJoules(AA_CELL.joules)} in each.
        Parts are counted by the piece at the cupboard’s prices, without liquids and separators; an
        AA cell at {inMoney(AA_CELL.price)} (from memory).
      </Typography>
      <SourceLinks ids={['bought', 'metal']} />
      {cheapest === null ? null : (
        <Typography variant="body2" sx={{ mt: 1, fontWeight: 600 }} data-testid="money-per-joule">
          {cheapest}
        </Typography>
      )}
    </Card>
  );
}

function enoughFor(
  { wantedUntil }: { readonly wantedUntil: number | null },
  atFirst: boolean,
): string {
  if (!atFirst) return 'never';
  return wantedUntil === null ? 'weeks' : aboutTime(wantedUntil);
}

/** How many times dearer a joule out of the arranged battery is than one out of bought cells. */
function perJoule(
  rows: readonly ComparedRun[] | null,
  bought: { readonly joules: number; readonly price: number },
): string | null {
  const own = rows?.[0];
  if (own === undefined || !(own.run.joules > 0) || !(own.money.usedUp > 0)) return null;
  const times = own.money.usedUp / own.run.joules / (bought.price / bought.joules);
  return times > 1
    ? `A joule out of this battery costs about ${formatNumber(times, 2)} times what it costs out of bought cells: it is worth its lesson, not its energy.`
    : `A joule out of this battery costs about ${formatNumber(times, 2)} of what it costs out of bought cells.`;
}
