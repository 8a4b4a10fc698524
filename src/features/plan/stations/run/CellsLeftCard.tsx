import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { BatteryRun } from '@/core/work/running/runBattery';
import { endsByWords, placesWords } from '@/core/work/running/runWords';
import { aboutTime, formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';

/** For each kind of cell: metal and water left when the run ends, and what would end that cell. */
export function CellsLeftCard({ run }: { readonly run: BatteryRun }) {
  return (
    <Card title="What each cell has left">
      <Table
        size="small"
        aria-label="Metal and water left in each cell"
        sx={{ '& td, & th': { px: 0.75 } }}
      >
        <TableHead>
          <TableRow>
            <TableCell>cells</TableCell>
            <TableCell align="right">metal</TableCell>
            <TableCell align="right">water</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {run.left.map((left) => (
            <TableRow key={`${left.strings.join()} ${left.cells.join()}`}>
              <TableCell component="th" scope="row">
                {placesWords(left)}
                <Typography variant="caption" component="div" color="textSecondary">
                  {endsByWords(left)}
                </Typography>
              </TableCell>
              <TableCell align="right">{percent(left.metalShare)}</TableCell>
              <TableCell align="right">{percent(left.waterShare)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        After {aboutTime(run.endSeconds)}. Half of the metal counts as usable; the rest falls off or
        is cut off.
      </Typography>
    </Card>
  );
}

/** To a tenth at most: finer figures would be those of the arithmetic. */
function percent(share: number): string {
  return `${formatNumber(Math.round(1000 * Math.max(0, share)) / 10, 2)} %`;
}
