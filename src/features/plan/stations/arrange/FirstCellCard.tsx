'use client';

import { Choice } from '@/ui/Choice';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useCallback, useState } from 'react';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { belowAllRows, bodiesFor, rangeOfRow } from '@/core/work/search/firstCell';
import { formatAmps, formatMinutes, formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';

interface FirstCellCardProps {
  readonly evaluation: PlanEvaluation;
}

/** Build one, then decide: how many strings the first cell's reading asks for. Nothing once a cell was measured. */
export function FirstCellCard({ evaluation }: FirstCellCardProps) {
  const { cell, desk } = evaluation;
  if (cell.origin === 'own' || desk.grid === null || cell.recipe.restricted) return null;
  return <FirstCellTable evaluation={evaluation} />;
}

function FirstCellTable({ evaluation }: FirstCellCardProps) {
  const { basis, wiring, cell, minutes, inLesson } = evaluation;
  const { groups } = inLesson;
  const [cellsRead, setCellsRead] = useState(1);
  const job = useWorkerJob(
    useCallback((jobs) => jobs.firstCellTable(basis, cellsRead), [basis, cellsRead]),
  );
  const rows = job.latest;
  const bodies = cell.recipe.look === 'fruit' ? cell.body.plural : 'cells';
  const { shortAmpsLow, shortAmpsHigh } = cell.recipe.typical;
  if (rows?.length === 0) return null;
  return (
    <Card title="Build one, then decide" style={{ gridColumn: '1 / -1' }}>
      <Choice
        label="How many cells are read"
        value={String(cellsRead)}
        options={[
          ['1', 'one cell'],
          ['3', 'mean of three'],
          ...(groups === 1 || groups === 3 ? [] : [[String(groups), 'one a group'] as const]),
        ]}
        onChange={(chosen) => setCellsRead(Number(chosen))}
      />
      {rows === null || job.failure !== null ? <JobStatus job={job} /> : null}
      {rows === null ? null : (
        <Table size="small" aria-label="What the first cell asks for">
          <TableHead>
            <TableRow>
              <TableCell>
                {cellsRead === 1 ? 'Your first cell reads' : 'Your first cells read, mean'}
              </TableCell>
              <TableCell>Build</TableCell>
              <TableCell align="right">{bodiesFor(bodies, groups)}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((row, index) => {
              const planned =
                row.strings === wiring.strings && row.cellsInSeries === wiring.cellsInSeries;
              return (
                <TableRow
                  key={row.fromAmps}
                  selected={planned}
                  aria-current={planned ? 'true' : undefined}
                  sx={planned ? { '& td': { fontWeight: 700 } } : {}}
                >
                  <TableCell>{rangeOfRow(rows, index)}</TableCell>
                  <TableCell>
                    {row.cellsInSeries} in series × {row.strings}
                    {planned ? ', as planned' : ''}
                  </TableCell>
                  <TableCell align="right">{formatNumber(row.cells * groups)}</TableCell>
                </TableRow>
              );
            })}
            <TableRow>
              <TableCell>less</TableCell>
              <TableCell colSpan={2}>{belowAllRows(cell.recipe)}</TableCell>
            </TableRow>
          </TableBody>
        </Table>
      )}
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        Short-circuit current in the first second or two, with all the metal in its body; typical:{' '}
        {formatAmps(shortAmpsLow)} to {formatAmps(shortAmpsHigh)} with one pair. Each row works for{' '}
        {formatMinutes(minutes)} in 95 of 100 classes.
      </Typography>
    </Card>
  );
}
