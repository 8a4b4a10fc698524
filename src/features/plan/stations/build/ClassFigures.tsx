'use client';

import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import type { ClassFigure } from '@/core/work/guide/board';
import { measurementKey, measurementName, quantityOf } from '@/core/records/logbook/measurement';
import { formatAmps, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { ClassHistogram } from './ClassHistogram';

interface ClassFiguresProps {
  readonly figures: readonly ClassFigure[];
  readonly facts: BenchFacts;
}

/** What the class read of one measurement: average, scatter, and where everybody lies against the expected band. */
export function ClassFigures({ figures, facts }: ClassFiguresProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const figure =
    figures.find(({ measurement }) => measurementKey(measurement) === chosen) ?? figures[0];
  if (figure === undefined) return null;
  const { measurement, mean, deviation, values } = figure;
  const format = quantityOf(measurement) === 'volts' ? formatVolts : formatAmps;
  const expected = facts.expected(measurement);
  return (
    <Card
      title="The class together"
      actions={
        <Selection
          label="Reading"
          value={measurementKey(measurement)}
          onChange={(chosen) => setChosen(chosen)}
          sx={{ minWidth: 210 }}
          options={figures.map(
            (one) =>
              [
                measurementKey(one.measurement),
                `${nameOf(one, facts.stairs.length)} (${one.values.length})`,
              ] as const,
          )}
        />
      }
    >
      <ClassHistogram figure={figure} expected={expected} />
      <Box sx={{ mt: 0.5 }}>
        <Typography variant="body2" data-testid="class-average">
          {values.length} {values.length === 1 ? 'group' : 'groups'}, average{' '}
          <strong>{format(mean)}</strong>
          {deviation === null ? '' : `, scatter ${format(deviation)} (standard deviation)`};
          expected {format(expected.value)}.
        </Typography>
      </Box>
    </Card>
  );
}

function nameOf({ measurement }: ClassFigure, strings: number): string {
  const name = measurementName(measurement);
  return strings > 1 && 'string' in measurement ? `string ${measurement.string}, ${name}` : name;
}
