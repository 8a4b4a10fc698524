'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { moneyWords } from '@/core/work/parts/moneyWords';
import { AA_CELL } from '@/core/physics/readings/referenceCells';
import { boughtCells, boughtWords, type ComparedRun } from '@/core/work/running/compareRuns';
import { aboutTime, formatJoules, formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { SourceLinks } from '@/ui/SourceLinks';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { usePlan, usePlanContext } from '../../PlanProvider';

/** The same load on fewer and more strings, under other covers, and on bought cells. */
export function OtherRunsCard() {
  const { running } = usePlan();
  const { evaluation, cupboard } = usePlanContext();
  const { cell, desk, need, wiring } = evaluation;
  const { entries, currency } = cupboard.state;
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.compareRuns({ cell, desk, need, wiring }, running, { entries }),
      [cell, desk, need, wiring, running, entries],
    ),
    { worker: 'patient' },
  );
  const rows = job.answer;
  const bought = boughtCells(evaluation.volts, evaluation.amps, { entries });
  const inMoney = (price: number | null): string => moneyWords(price, currency);
  const cheapest = bought === null ? null : perJoule(rows, bought);
  return (
    <Card title="Compared with alternatives">
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
                <TableCell align="right">{inMoney(money?.all ?? null)}</TableCell>
                <TableCell align="right">{inMoney(money?.usedUp ?? null)}</TableCell>
              </TableRow>
            ))}
            {bought === null ? null : (
              <TableRow>
                <TableCell component="th" scope="row">
                  {bought.cells} bought AA, at the same current
                </TableCell>
                <TableCell align="right">{boughtWords(bought)}</TableCell>
                <TableCell align="right">{boughtWords(bought)}</TableCell>
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
        Parts are counted by the piece, liquids among them, at the cupboard’s prices.
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
  bought: { readonly joules: number; readonly price: number | null },
): string | null {
  const own = rows?.[0];
  const usedUp = own?.money?.usedUp ?? 0;
  if (own === undefined || !(own.run.joules > 0) || !(usedUp > 0) || bought.price === null) {
    return null;
  }
  const times = usedUp / own.run.joules / (bought.price / bought.joules);
  return times > 1
    ? `A joule out of this battery costs about ${formatNumber(times, 2)} times what it costs out of bought cells: it is worth its lesson, not its energy.`
    : `A joule out of this battery costs about ${formatNumber(times, 2)} of what it costs out of bought cells.`;
}
