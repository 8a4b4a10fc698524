'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { OtherLoad } from '@/core/work/planning/otherLoads';
import { formatAmps, formatMinutes, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { JobStatus } from '@/ui/JobStatus';
import type { WorkerJob } from '@/workers/useWorkerJob';

interface OtherLoadsProps {
  /** After so long. */
  readonly minutes: number;
  readonly loads: readonly OtherLoad[];
  readonly job: Pick<WorkerJob<unknown>, 'failure' | 'retry'>;
  /** Ids of those whose curves are drawn. */
  readonly drawn: readonly string[];
  readonly onDraw: (drawn: string[]) => void;
}

const MAX_DRAWN = 4;

/** The same battery with every other load, each to be drawn beside the battery's curve. */
export function OtherLoads({ minutes, loads, job, drawn, onDraw }: OtherLoadsProps) {
  return (
    <Card
      title={`The same battery after ${formatMinutes(minutes)}, other loads`}
      style={{ gridColumn: '1 / -1' }}
    >
      {job.failure === null ? null : <JobStatus job={job} />}
      <Box sx={{ overflowX: 'auto' }}>
        <Table size="small" aria-label="Other loads">
          <TableHead>
            <TableRow>
              <TableCell padding="checkbox">Curve</TableCell>
              <TableCell>Load</TableCell>
              <TableCell align="right">Current</TableCell>
              <TableCell align="right">Volts</TableCell>
              <TableCell>What it does</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {loads.map(({ id, name, load, amps, volts, verdict, works }) => (
              <TableRow key={id}>
                <TableCell padding="checkbox">
                  {load === null ? null : (
                    <Checkbox
                      size="small"
                      checked={drawn.includes(id)}
                      disabled={!drawn.includes(id) && drawn.length >= MAX_DRAWN}
                      slotProps={{ input: { 'aria-label': `Draw the curve of the ${name}` } }}
                      onChange={(_, checked) =>
                        onDraw(checked ? [...drawn, id] : drawn.filter((one) => one !== id))
                      }
                    />
                  )}
                </TableCell>
                <TableCell>{name}</TableCell>
                <TableCell align="right">{formatAmps(amps)}</TableCell>
                <TableCell align="right">{formatVolts(volts)}</TableCell>
                <TableCell sx={{ fontWeight: works ? 700 : 400 }}>{verdict}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
    </Card>
  );
}
