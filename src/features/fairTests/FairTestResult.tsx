'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { FairTestAnalysis, Ranked } from '@/core/records/fairTest/analyseFairTest';
import type { FairTest } from '@/core/records/fairTest/fairTestSchema';
import { describeDifference } from '@/core/records/fairTest/describeDifference';
import { formatAmps, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import { useRoles } from '@/ui/useRoles';
import { rankingOption } from './rankingOption';

interface FairTestResultProps {
  readonly test: FairTest;
  readonly analysis: FairTestAnalysis;
}

const ROW_HEIGHT = 34;
const FRAME_HEIGHT = 44;

/** The ranking with its scatter, and whether the difference is larger than it. */
export function FairTestResult({ test, analysis }: FairTestResultProps) {
  const { ranking, difference, warnings } = analysis;
  const roles = useRoles();
  const inVolts = test.measure === 'open-circuit-volts';
  const option = useMemo(() => rankingOption(ranking, inVolts, roles), [ranking, inVolts, roles]);
  const format = inVolts ? formatVolts : formatAmps;
  return (
    <Card title="What the readings say">
      {ranking.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          Nothing is read yet.
        </Typography>
      ) : (
        <Chart
          option={option}
          label={`Ranking, best first: ${ranking.map((one) => inWords(one, format)).join('; ')}.`}
          height={FRAME_HEIGHT + ROW_HEIGHT * ranking.length}
        />
      )}
      <Box data-testid="fair-test-statement" sx={{ mt: 1 }}>
        {describeDifference(ranking, difference).map((sentence, index) => (
          <Typography
            key={sentence}
            variant="body2"
            sx={{ fontWeight: index === 0 ? 700 : 400, mb: 0.5 }}
          >
            {sentence}
          </Typography>
        ))}
      </Box>
      {warnings.map((warning) => (
        <Alert key={warning} severity="warning" sx={{ mt: 1 }} data-testid="fair-test-warning">
          {warning}
        </Alert>
      ))}
    </Card>
  );
}

function inWords(
  { name, mean, spread, values }: Ranked,
  format: (value: number) => string,
): string {
  const scatter = spread === null ? '' : `, scatter ${format(spread)}`;
  return `${name} ${format(mean)}${scatter}, ${values.length} readings`;
}
