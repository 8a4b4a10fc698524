'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import {
  FAIR_TEST_DOCUMENT,
  fairTestSchema,
  type FairTest,
} from '@/core/records/fairTest/fairTestSchema';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useDocument } from '@/ui/document/useDocument';
import { WordsField } from '@/ui/WordsField';
import { fairTestCsv, withCsvReadings } from '@/core/records/fairTest/fairTestCsv';
import { CsvButtons } from '@/ui/CsvButtons';
import type { EditFairTest } from './editFairTest';
import { FairTestPlan } from './FairTestPlan';
import { FairTestResult } from './FairTestResult';
import { RunTable } from './RunTable';

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
            disabled={open.saveState.status !== 'saved'}
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
