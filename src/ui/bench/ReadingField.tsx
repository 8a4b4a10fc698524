'use client';

import { useState } from 'react';
import { parseQuantity } from '@/core/formats/parseQuantity';
import { mostVoltsAt, type Stairs } from '@/core/work/guide/stairs';
import { READING_LIMITS } from '@/core/records/logbook/logLimits';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { entryErrorIn, type EntryError } from '@/core/records/logbook/entryErrors';
import { readingText } from '@/core/records/logbook/readingEntry';
import { Button } from '../plain/Button';
import { Field } from '../plain/Field';
import styles from '../plain/plain.module.css';

interface ReadingFieldProps {
  readonly measurement: Measurement;
  /** What it should read, volts or amperes. */
  readonly expected: number;
  readonly stairs: readonly Stairs[];
  /** What stands; `null` where nothing was read. */
  readonly value: number | null;
  /** Names the field for those who do not see it. */
  readonly label: string;
  readonly onRead: (value: number, typed: string) => void;
  /** Takes the reading out. */
  readonly onClear?: () => void;
}

/** What was typed and looks wrong, until it is answered. */
interface Doubted {
  readonly error: EntryError;
  readonly value: number;
  readonly typed: string;
}

/**
 * Where a reading is typed: with comma or point, with or without a unit. It is logged with Enter or on leaving the
 * field; a value that looks like an entry error asks first, and logs nothing before it is answered.
 */
export function ReadingField(props: ReadingFieldProps) {
  const { measurement, expected, stairs, value, label, onRead, onClear } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [doubted, setDoubted] = useState<Doubted | null>(null);
  const quantity = quantityOf(measurement);
  const shown = draft ?? (value === null ? '' : readingText(measurement, value));

  if (quantity === 'light') {
    return (
      <div role="group" aria-label={label} className={styles.row}>
        {[1, 0].map((answer) => (
          <Button
            key={answer}
            size="compact"
            look={value === answer ? 'filled' : 'outlined'}
            aria-pressed={value === answer}
            onClick={() => onRead(answer, answer === 1 ? 'yes' : 'no')}
          >
            {answer === 1 ? 'Yes' : 'No'}
          </Button>
        ))}
      </div>
    );
  }

  const show = (text: string | null): void => {
    setDraft(text);
    setProblem(null);
    setDoubted(null);
  };
  const take = (read: number, typed: string): void => {
    show(null);
    if (read !== value) onRead(read, typed);
  };
  const commit = (): void => {
    if (draft === null) return;
    const typed = draft.trim();
    if (typed === '') {
      show(null);
      if (value !== null) onClear?.();
      return;
    }
    const parsed = parseQuantity(typed, quantity === 'volts' ? 'volts' : 'milliamps');
    if (!parsed.ok) {
      setProblem(parsed.issues[0]?.message ?? 'This cannot be read.');
      return;
    }
    const most = mostVoltsAt(stairs, measurement);
    const error = entryErrorIn(measurement, parsed.value, expected, most);
    if (error !== null) setDoubted({ error, value: parsed.value, typed });
    else if (Math.abs(parsed.value) > READING_LIMITS[quantity]) {
      setProblem(`At most ${readingText(measurement, READING_LIMITS[quantity])}: check the unit.`);
    } else take(parsed.value, typed);
  };

  return (
    <div>
      <div style={{ width: 130 }}>
        <Field
          value={shown}
          placeholder={quantity === 'volts' ? 'V' : 'mA'}
          autoComplete="off"
          maxLength={40}
          aria-label={label}
          wrong={problem !== null}
          helper={problem ?? undefined}
          onChange={(event) => show(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit();
            if (event.key === 'Escape') show(null);
          }}
          onBlur={() => {
            if (doubted === null) commit();
          }}
        />
      </div>
      {doubted === null ? null : (
        <div role="alert" style={{ marginTop: 4, maxWidth: 300 }}>
          <p className={`${styles.small} ${styles.warns}`}>{doubted.error.message}</p>
          <div className={styles.row} style={{ marginTop: 4, gap: 4 }}>
            {doubted.error.meant === null ? null : (
              <Button
                size="compact"
                look="filled"
                onClick={() => take(doubted.error.meant ?? doubted.value, doubted.typed)}
              >
                {readingText(measurement, doubted.error.meant)}
              </Button>
            )}
            <Button
              size="compact"
              look="outlined"
              disabled={Math.abs(doubted.value) > READING_LIMITS[quantity]}
              onClick={() => take(doubted.value, doubted.typed)}
            >
              Keep {readingText(measurement, doubted.value)}
            </Button>
            <Button size="compact" onClick={() => show(null)}>
              Type again
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}
