'use client';

import { useSaveState } from '@/ui/document/useDocument';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { analyseFairTest, type FairTestAnalysis } from '@/core/records/fairTest/analyseFairTest';
import {
  FAIR_TEST_DOCUMENT,
  type FairTest,
  fairTestSchema,
} from '@/core/records/fairTest/fairTestSchema';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useDocument } from '@/ui/document/useDocument';
import { WordsField } from '@/ui/WordsField';
import { fairTestCsv, withCsvReadings } from '@/core/records/fairTest/fairTestCsv';
import { CsvButtons } from '@/ui/CsvButtons';
import type { EditFairTest } from './editFairTest';
import { FairTestPlan } from './FairTestPlan';
import { FairTestResult } from './FairTestResult';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { runOrder } from '@/core/records/fairTest/runOrder';
import { Card } from '@/ui/Card';
import { ShuffleIcon } from '@/ui/icons';
import { RunRow } from './RunRow';

interface FairTestPageProps {
  readonly id: string;
  readonly initial: FairTest;
  readonly initialRevision: number;
}

/** One fair test: what is varied and kept, the readings in random order, and what they say. */
export function FairTestPage({ id, initial, initialRevision }: FairTestPageProps) {
  const open = useDocument({
    kind: 'fair-tests',
    id,
    format: FAIR_TEST_DOCUMENT,
    initial,
    initialRevision,
  });
  const saved = useSaveState(open).status === 'saved';
  const test = open.document;
  const analysis = useMemo(() => analyseFairTest(test), [test]);
  const edit: EditFairTest = (change, typing) => open.documentStore.edit(change, typing ?? null);
  return (
    <DocumentFrame
      open={open}
      back={{ href: '/fair-tests', name: 'Back to the fair tests' }}
      heading={
        <Box component="h1" sx={{ m: 0, mt: 1.5, maxWidth: 520 }}>
          <WordsField
            label="Question of the fair test"
            value={test.title}
            schema={fairTestSchema.shape.title}
            onCommit={(title) => edit((before) => ({ ...before, title }), 'title')}
            fullWidth
          />
        </Box>
      }
      actions={
        <>
          <Button
            component="a"
            href={`/api/fair-tests/${id}/print`}
            target="_blank"
            disabled={!saved}
          >
            Print
          </Button>
          <CsvButtons
            label="Readings as CSV"
            fileName="fair-test.csv"
            text={() => fairTestCsv(test)}
            read={(text) => withCsvReadings(test, text)}
            onRead={(next) => edit(() => next)}
          />
        </>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: 'minmax(0, 4fr) minmax(0, 7fr)' },
          alignItems: 'start',
        }}
      >
        <FairTestPlan test={test} edit={edit} />
        <Box sx={{ display: 'grid', gap: 2 }}>
          <FairTestResult test={test} analysis={analysis} edit={edit} />
          <RunTable test={test} analysis={analysis} edit={edit} />
        </Box>
      </Box>
    </DocumentFrame>
  );
}

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
                <TableCell>Volts, nothing connected</TableCell>
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
