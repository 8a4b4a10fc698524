'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import {
  analyseFairTest,
  type FairTestAnalysis,
  type Ranked,
} from '@/core/records/fairTest/analyseFairTest';
import { type FairTest, MEASURES } from '@/core/records/fairTest/fairTestSchema';
import {
  describeDifference,
  FORMAT_OF,
  measureWords,
} from '@/core/records/fairTest/describeDifference';
import { capital } from '@/core/words';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import { useRoles } from '@/ui/useRoles';
import type { EditFairTest } from './editFairTest';
import { rankingOption } from './rankingOption';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { MEASURE_NAMES } from './words';

interface FairTestResultProps {
  readonly test: FairTest;
  readonly analysis: FairTestAnalysis;
  readonly edit: EditFairTest;
}

const ROW_HEIGHT = 34;
const FRAME_HEIGHT = 44;

/** The ranking with its scatter, and whether the difference is larger than it. */
export function FairTestResult({ test, analysis, edit }: FairTestResultProps) {
  const { ranking, otherwise, warnings } = analysis;
  const { measure } = test;
  const roles = useRoles();
  const option = useMemo(() => rankingOption(ranking, measure, roles), [ranking, measure, roles]);
  return (
    <Card title="What the readings say">
      {ranking.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          {measure === 'led-watts' && test.readings.length > 0
            ? 'Power takes volts and milliamps of the same cell.'
            : 'Nothing is read yet.'}
        </Typography>
      ) : (
        <>
          <Typography variant="body2" color="textSecondary">
            {capital(measureWords(test))}
          </Typography>
          <Chart
            option={option}
            label={`Ranking, best first: ${ranking.map((one) => inWords(one, FORMAT_OF[measure])).join('; ')}.`}
            height={FRAME_HEIGHT + ROW_HEIGHT * ranking.length}
          />
        </>
      )}
      <Box data-testid="fair-test-statement" sx={{ mt: 1 }}>
        {describeDifference(test, analysis).map((sentence, index) => (
          <Typography
            key={sentence}
            variant="body2"
            sx={{ fontWeight: index === 0 ? 700 : 400, mb: 0.5 }}
          >
            {sentence}
          </Typography>
        ))}
      </Box>
      {otherwise === null ? null : (
        <FormControlLabel
          control={
            <Switch
              checked={test.outliers === 'counted'}
              onChange={(_, counted) =>
                edit((before) => ({ ...before, outliers: counted ? 'counted' : 'apart' }))
              }
            />
          }
          label="Count the far ones too"
        />
      )}
      {warnings.map((warning) => (
        <Alert key={warning} severity="warning" sx={{ mt: 1 }} data-testid="fair-test-warning">
          {warning}
        </Alert>
      ))}
      <RanksTable test={test} order={ranking.map(({ id }) => id)} edit={edit} />
    </Card>
  );
}

function inWords(
  { name, mean, spread, values, farOff }: Ranked,
  format: (value: number) => string,
): string {
  const scatter = spread === null ? '' : `, scatter ${format(spread)}`;
  const far = farOff.map(({ value }) => `, far from them ${format(value)}`).join('');
  return `${name} ${format(mean)}${scatter}, ${values.length} readings${far}`;
}

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
