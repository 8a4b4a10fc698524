'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useCallback, useEffect } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import type { OtherLoad } from '@/core/work/judging/otherLoads';
import { formatAmps, formatMinutes, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Fold } from '@/ui/Fold';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';

interface OtherLoadsProps {
  /** After so long. */
  readonly minutes: number;
  readonly desk: Desk;
  /** Ids of those whose curves are drawn. */
  readonly drawn: readonly OtherLoad[];
  readonly onDraw: (drawn: readonly OtherLoad[]) => void;
}

const MAX_DRAWN = 4;

/** The same battery with every other load, each to be drawn beside the battery's curve: worked out once asked for. */
export function OtherLoads({ minutes, ...table }: OtherLoadsProps) {
  return (
    <Card title="The same battery with other loads" style={{ gridColumn: '1 / -1' }}>
      <Fold
        label={`What else it runs after ${formatMinutes(minutes)}`}
        onToggle={(open) => {
          if (!open) table.onDraw([]);
        }}
      >
        <LoadsTable {...table} />
      </Fold>
    </Card>
  );
}

function LoadsTable({ desk, drawn, onDraw }: Omit<OtherLoadsProps, 'minutes'>) {
  const job = useWorkerJob(useCallback((jobs) => jobs.otherLoads(desk), [desk]));
  const loads = job.latest ?? [];
  const isDrawn = (id: string): boolean => drawn.some((one) => one.id === id);
  // Curves follow the desk as its figures do.
  useEffect(() => {
    if (job.latest !== null && drawn.some((one) => !job.latest?.includes(one))) {
      onDraw(job.latest.filter(({ id }) => drawn.some((one) => one.id === id)));
    }
  }, [job.latest, drawn, onDraw]);
  return (
    <>
      {job.latest === null || job.failure !== null ? (
        <JobStatus job={job}>Working it out …</JobStatus>
      ) : null}
      <Box sx={{ overflowX: 'auto' }}>
        <Table size="small" aria-label="Other loads" sx={{ '& td': { py: 0.25 } }}>
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
            {loads.map((one) => {
              const { id, name, load, amps, volts, verdict, works } = one;
              return (
                <TableRow key={id}>
                  <TableCell padding="checkbox">
                    {load === null ? null : (
                      <Checkbox
                        size="small"
                        checked={isDrawn(id)}
                        disabled={!isDrawn(id) && drawn.length >= MAX_DRAWN}
                        slotProps={{ input: { 'aria-label': `Draw the curve of the ${name}` } }}
                        onChange={(_, checked) =>
                          onDraw(
                            checked ? [...drawn, one] : drawn.filter((other) => other.id !== id),
                          )
                        }
                      />
                    )}
                  </TableCell>
                  <TableCell>{name}</TableCell>
                  <TableCell align="right">{formatAmps(amps)}</TableCell>
                  <TableCell align="right">{formatVolts(volts)}</TableCell>
                  <TableCell sx={{ fontWeight: works ? 700 : 400 }}>{verdict}</TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </Box>
    </>
  );
}
