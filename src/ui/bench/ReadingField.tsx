'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { parseQuantity } from '@/core/formats/parseQuantity';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { READING_LIMITS } from '@/core/records/logbook/logEntry';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { entryErrorIn, type EntryError } from '@/core/records/logbook/entryErrors';
import { readingText } from '@/core/records/logbook/readingEntry';

interface ReadingFieldProps {
  readonly measurement: Measurement;
  readonly facts: Pick<BenchFacts, 'expected' | 'mostVolts'>;
  /** What stands; `null` where nothing was read. */
  readonly value: number | null;
  /** Names the field for those who do not see it. */
  readonly label: string;
  readonly onRead: (value: number, typed: string) => void;
  /** Takes the reading out. */
  readonly onClear?: () => void;
  readonly autoFocus?: boolean;
}

/**
 * Where a reading is typed: with comma or point, with or without a unit. It is logged with Enter or on leaving the
 * field; a value that looks like a slip asks first, and logs nothing before it is answered.
 */
export function ReadingField(props: ReadingFieldProps) {
  const { measurement, facts, value, label, onRead, onClear, autoFocus = false } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [slip, setSlip] = useState<{ slip: EntryError; value: number; typed: string } | null>(null);
  const quantity = quantityOf(measurement);
  const shown = draft ?? (value === null ? '' : readingText(measurement, value));

  if (quantity === 'light') {
    return (
      <Box role="group" aria-label={label} sx={{ display: 'flex', gap: 0.5 }}>
        {[1, 0].map((answer) => (
          <Button
            key={answer}
            size="small"
            variant={value === answer ? 'contained' : 'outlined'}
            aria-pressed={value === answer}
            onClick={() => onRead(answer, answer === 1 ? 'yes' : 'no')}
          >
            {answer === 1 ? 'Yes' : 'No'}
          </Button>
        ))}
      </Box>
    );
  }

  const take = (read: number, typed: string): void => {
    setDraft(null);
    setSlip(null);
    setProblem(null);
    if (read !== value) onRead(read, typed);
  };
  const commit = (): void => {
    if (draft === null) return;
    const typed = draft.trim();
    if (typed === '') {
      setDraft(null);
      setProblem(null);
      if (value !== null) onClear?.();
      return;
    }
    const parsed = parseQuantity(typed, quantity === 'volts' ? 'volts' : 'milliamps');
    if (!parsed.ok) {
      setProblem(parsed.issues[0]?.message ?? 'This cannot be read.');
      return;
    }
    const found = entryErrorIn(
      measurement,
      parsed.value,
      facts.expected(measurement).value,
      facts.mostVolts(measurement),
    );
    if (found !== null) setSlip({ slip: found, value: parsed.value, typed });
    else if (Math.abs(parsed.value) > READING_LIMITS[quantity]) {
      setProblem(`At most ${readingText(measurement, READING_LIMITS[quantity])}: check the unit.`);
    } else take(parsed.value, typed);
  };

  return (
    <Box>
      <TextField
        size="small"
        hiddenLabel
        value={shown}
        placeholder={quantity === 'volts' ? 'V' : 'mA'}
        autoFocus={autoFocus}
        autoComplete="off"
        error={problem !== null}
        helperText={problem ?? undefined}
        onChange={(event) => {
          setDraft(event.target.value);
          setProblem(null);
          setSlip(null);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') {
            setDraft(null);
            setProblem(null);
            setSlip(null);
          }
        }}
        onBlur={() => {
          if (slip === null) commit();
        }}
        slotProps={{ htmlInput: { 'aria-label': label, inputMode: 'text', maxLength: 40 } }}
        sx={{ width: 120 }}
      />
      {slip === null ? null : (
        <Box role="alert" sx={{ mt: 0.5, maxWidth: 300 }}>
          <Typography variant="body2" color="warning.main">
            {slip.slip.message}
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.5 }}>
            {slip.slip.meant === null ? null : (
              <Button
                size="small"
                variant="contained"
                onClick={() => take(slip.slip.meant ?? slip.value, slip.typed)}
              >
                {readingText(measurement, slip.slip.meant)}
              </Button>
            )}
            <Button
              size="small"
              variant="outlined"
              disabled={Math.abs(slip.value) > READING_LIMITS[quantity]}
              onClick={() => take(slip.value, slip.typed)}
            >
              Keep {readingText(measurement, slip.value)}
            </Button>
            <Button
              size="small"
              onClick={() => {
                setDraft(null);
                setSlip(null);
              }}
            >
              Type again
            </Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}
