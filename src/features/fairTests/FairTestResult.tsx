'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { FairTestAnalysis, Ranked } from '@/core/records/fairTest/analyseFairTest';
import type { FairTest } from '@/core/records/fairTest/fairTestSchema';
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
import { RanksTable } from './RanksTable';
import { rankingOption } from './rankingOption';

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
