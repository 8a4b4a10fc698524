'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import {
  howToMeasure,
  measurementKey,
  quantityOf,
  type Measurement,
} from '@/core/records/logbook/measurement';
import { now, useLog } from '@/ui/bench/LogProvider';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { ReadingField } from '@/ui/bench/ReadingField';
import { Card } from '@/ui/Card';
import { useBenchChoice } from '../../benchChoice';
import type { Taking } from './useMeter';

interface NextCardProps {
  readonly measurement: Measurement | null;
  /** Whether it is proposed because it tells the causes apart. */
  readonly telling: boolean;
  readonly facts: BenchFacts;
  readonly taking: Taking;
  readonly onSkip: (() => void) | null;
}

/** The measurement to take next: typed, or from the meter. */
export function NextCard({ measurement, telling, facts, taking, onSkip }: NextCardProps) {
  const { group } = useBenchChoice();
  const { log } = useLog();
  if (measurement === null) return null;
  const light = quantityOf(measurement) === 'light';
  return (
    <Card title="Measure next" style={{ background: 'var(--mui-palette-background-default)' }}>
      <Typography variant="body2" data-testid="measure-next">
        {howToMeasure(measurement)}
        {telling ? ' This tells the causes apart best.' : ''}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1, alignItems: 'flex-start' }}>
        {telling ? (
          <ReadingField
            key={measurementKey(measurement)}
            measurement={measurement}
            expected={facts.expected(measurement).value}
            stairs={facts.stairs}
            value={null}
            label="Reading to take next"
            onRead={(value, typed) =>
              log(group, [readingEntry(measurement, value, now(), { typed })])
            }
          />
        ) : null}
        {light ? null : (
          <Button
            variant="contained"
            disabled={taking.busy}
            onClick={() => taking.take(measurement)}
          >
            {taking.busy ? 'Reading …' : 'Take reading (R)'}
          </Button>
        )}
        {onSkip === null ? null : (
          <Button variant="outlined" onClick={onSkip}>
            Skip
          </Button>
        )}
      </Box>
      {taking.problem === null ? null : (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {taking.problem}
        </Alert>
      )}
    </Card>
  );
}
