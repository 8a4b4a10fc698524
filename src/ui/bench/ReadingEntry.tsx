'use client';

import { READING_LIMITS } from '@/core/records/logbook/logLimits';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { readingText } from '@/core/records/logbook/readingEntry';
import { Button } from '../plain/Button';
import { Field } from '../plain/Field';
import styles from '../plain/plain.module.css';
import type { ReadingDraft } from './useReadingDraft';

interface ReadingEntryProps {
  readonly measurement: Measurement;
  /** What stands; `null` where nothing was read. */
  readonly value: number | null;
  /** Names the field for those who do not see it. */
  readonly label: string;
  /** Stands above the field, where no table says what it is. */
  readonly caption?: string;
  readonly draft: ReadingDraft;
  readonly onEnter: () => void;
  readonly onBlur?: () => void;
}

/** The field of a reading, and the question where what is typed looks like an entry error. */
export function ReadingEntry(props: ReadingEntryProps) {
  const { measurement, value, label, caption, draft, onEnter, onBlur } = props;
  const { shown, problem, doubted } = draft;
  const quantity = quantityOf(measurement);
  if (quantity === 'light') {
    return (
      <div role="group" aria-label={label} className={styles.row}>
        {[1, 0].map((answer) => (
          <Button
            key={answer}
            size="compact"
            look={value === answer ? 'filled' : 'outlined'}
            aria-pressed={value === answer}
            onClick={() => draft.take(answer, answer === 1 ? 'yes' : 'no')}
          >
            {answer === 1 ? 'Yes' : 'No'}
          </Button>
        ))}
      </div>
    );
  }
  return (
    <div>
      {caption === undefined ? null : (
        <p aria-hidden className={`${styles.caption} ${styles.soft}`}>
          {caption}
        </p>
      )}
      <div style={{ width: 130 }}>
        <Field
          value={shown}
          placeholder={quantity === 'volts' ? 'V' : 'mA'}
          autoComplete="off"
          inputMode="text"
          maxLength={40}
          aria-label={label}
          wrong={problem !== null}
          helper={problem ?? undefined}
          onChange={(event) => draft.type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              // The press ends here: what gets the focus next must not be pressed by the same key.
              event.preventDefault();
              // A key that is held down repeats itself: one press is one reading.
              if (!event.repeat) onEnter();
            }
            if (event.key === 'Escape') draft.forget();
          }}
          onBlur={onBlur}
        />
      </div>
      {doubted === null ? null : (
        <div role="alert" style={{ marginTop: 4, maxWidth: 300 }}>
          <p className={`${styles.small} ${styles.warns}`}>{doubted.error.message}</p>
          <div className={styles.row} style={{ marginTop: 4, gap: 4 }}>
            <Answers measurement={measurement} draft={draft} doubted={doubted} />
            <Button size="compact" onClick={draft.forget}>
              Type again
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

/** What was probably meant, and what was typed, each to be taken with one press. */
function Answers(props: {
  readonly measurement: Measurement;
  readonly draft: ReadingDraft;
  readonly doubted: NonNullable<ReadingDraft['doubted']>;
}) {
  const { measurement, draft, doubted } = props;
  const { error, value, typed } = doubted;
  const { meant } = error;
  const limit = READING_LIMITS[quantityOf(measurement) === 'volts' ? 'volts' : 'amps'];
  return (
    <>
      {meant === null ? null : (
        <Button size="compact" look="filled" onClick={() => draft.take(meant, typed)}>
          {readingText(measurement, meant)}
        </Button>
      )}
      {value === null ? null : (
        <Button
          size="compact"
          look="outlined"
          disabled={Math.abs(value) > limit}
          onClick={() => draft.take(value, typed)}
        >
          Keep {readingText(measurement, value)}
        </Button>
      )}
    </>
  );
}
