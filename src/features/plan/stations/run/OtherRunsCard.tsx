'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { AA_JOULES, boughtCells } from '@/core/running/compareRuns';
import { aboutTime } from '@/core/running/runWords';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { usePlanContext } from '../../PlanProvider';
import { useOtherRuns } from './useOtherRuns';

/** The same load on fewer and more strings, under other covers, and on bought cells. */
export function OtherRunsCard() {
  const { evaluation } = usePlanContext();
  const rows = useOtherRuns();
  const bought = boughtCells(evaluation.volts, evaluation.amps);
  return (
    <Card title="Against other ways">
      {rows === null ? (
        <Typography variant="body2" color="textSecondary" role="status">
          Working it out …
        </Typography>
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
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(({ name, run, firstAmps }) => (
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
                <TableCell align="right">{formatNumber(run.joules, 2)} J</TableCell>
              </TableRow>
            ))}
            {bought === null ? null : (
              <TableRow>
                <TableCell component="th" scope="row">
                  {bought.cells} bought AA, at the same current
                </TableCell>
                <TableCell align="right" colSpan={2}>
                  {aboutTime(bought.seconds)}
                </TableCell>
                <TableCell align="right">
                  {formatNumber((AA_JOULES * bought.cells) / 1000)} kJ in them
                </TableCell>
              </TableRow>
            )}
          </TableBody>
        </Table>
      )}
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        Enough: as much current as the plan wants. A bought cell pushes far more current: an LED on
        it needs a resistor.
      </Typography>
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
