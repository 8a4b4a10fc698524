'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { FairTestAnalysis } from '@/core/records/fairTest/analyseFairTest';
import type { FairTest } from '@/core/records/fairTest/fairTestSchema';
import { runOrder } from '@/core/records/fairTest/runOrder';
import { Card } from '@/ui/Card';
import { ShuffleIcon } from '@/ui/icons';
import type { EditFairTest } from './editFairTest';
import { RunRow } from './RunRow';

interface RunTableProps {
  readonly test: FairTest;
  readonly analysis: FairTestAnalysis;
  readonly edit: EditFairTest;
}

/** The measurements in the random order in which they are taken. */
export function RunTable({ test, analysis, edit }: RunTableProps) {
  const { variants, repeats, seed } = test;
  const runs = useMemo(() => runOrder({ variants, repeats, seed }), [variants, repeats, seed]);
  const far = new Set(
    analysis.ranking.flatMap(({ farOff }) =>
      farOff.map(({ repeat, variant }) => `${repeat} ${variant}`),
    ),
  );
  const names = new Map(variants.map(({ id, name }) => [id, name]));
  return (
    <Card
      title="Measure in this order"
      actions={
        <Button
          size="small"
          startIcon={<ShuffleIcon />}
          disabled={test.readings.length > 0 || runs.length < 2}
          onClick={() => edit((before) => ({ ...before, seed: before.seed + 1 }))}
        >
          Shuffle again
        </Button>
      }
    >
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        Random, so that a warming room or a tiring meter does not favour the first. Clean the metals
        between readings.
      </Typography>
      {runs.length === 0 ? (
        <Typography variant="body2">Add items to compare.</Typography>
      ) : (
        <Box sx={{ overflowX: 'auto' }}>
          <Table size="small" aria-label="Measurements">
            <TableHead>
              <TableRow sx={{ '& th': { px: 0.75 } }}>
                <TableCell>Round</TableCell>
                <TableCell>What</TableCell>
                <TableCell>Volts, open</TableCell>
                <TableCell>mA, short</TableCell>
                <TableCell>Anything else different?</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {runs.map((run) => (
                <RunRow
                  key={`${run.repeat} ${run.variant}`}
                  run={run}
                  name={names.get(run.variant) ?? run.variant}
                  test={test}
                  isFarOff={far.has(`${run.repeat} ${run.variant}`)}
                  edit={edit}
                />
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
    </Card>
  );
}
