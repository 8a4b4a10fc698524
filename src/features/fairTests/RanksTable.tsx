'use client';

import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMemo } from 'react';
import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import { FORMAT_OF } from '@/core/records/fairTest/describeDifference';
import { MEASURES, type FairTest } from '@/core/records/fairTest/fairTestSchema';
import type { EditFairTest } from './editFairTest';
import { MEASURE_NAMES } from './words';

interface RanksTableProps {
  readonly test: FairTest;
  /** Ids of the variants, best first by what is ranked now. */
  readonly order: readonly string[];
  readonly edit: EditFairTest;
}

/** Mean and place of every variant by each measure; a column’s head ranks by it. */
export function RanksTable({ test, order, edit }: RanksTableProps) {
  const columns = useMemo(
    () =>
      MEASURES.map((measure) => ({
        measure,
        ranking: analyseFairTest({ ...test, measure }).ranking,
      })).filter(({ ranking }) => ranking.length > 0),
    [test],
  );
  if (columns.length < 2) return null;
  const names = new Map(test.variants.map(({ id, name }) => [id, name]));
  return (
    <Table size="small" aria-label="Places by each measure" sx={{ mt: 1.5 }}>
      <TableHead>
        <TableRow sx={{ '& th': { px: 0.5, verticalAlign: 'bottom' } }}>
          <TableCell>Mean and place</TableCell>
          {columns.map(({ measure }) => (
            <TableCell key={measure} align="right">
              {measure === test.measure ? (
                MEASURE_NAMES[measure]
              ) : (
                <Button
                  size="small"
                  sx={{ p: 0, textAlign: 'right', lineHeight: 1.3 }}
                  onClick={() => edit((before) => ({ ...before, measure }))}
                >
                  rank by {MEASURE_NAMES[measure]}
                </Button>
              )}
            </TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {order.map((id) => (
          <TableRow key={id} sx={{ '& td, & th': { px: 0.5, py: 0.5 } }}>
            <TableCell component="th" scope="row">
              {names.get(id)}
            </TableCell>
            {columns.map(({ measure, ranking }) => {
              const place = ranking.findIndex((one) => one.id === id);
              const mean = ranking[place]?.mean;
              return (
                <TableCell
                  key={measure}
                  align="right"
                  sx={{ fontWeight: measure === test.measure ? 700 : 400 }}
                >
                  {mean === undefined ? '–' : `${FORMAT_OF[measure](mean)} · ${place + 1}.`}
                </TableCell>
              );
            })}
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
