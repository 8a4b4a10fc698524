'use client';

import { useState } from 'react';
import { parseQuantity } from '@/core/formats/parseQuantity';
import { predictionsOfGroup } from '@/core/records/logbook/foldLog';
import { READING_LIMITS } from '@/core/records/logbook/logLimits';
import {
  isSame,
  measurementKey,
  quantityOf,
  type Measurement,
} from '@/core/records/logbook/measurement';
import { readingText } from '@/core/records/logbook/readingEntry';
import { expectedRangeText } from '@/core/work/guide/expectedWords';
import type { GuideStep } from '@/core/work/guide/guideStep';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { Button } from '../plain/Button';
import { Field } from '../plain/Field';
import styles from '../plain/plain.module.css';
import { now, useLog, useReadings } from './LogProvider';

interface ExpectedLineProps {
  readonly step: GuideStep;
  readonly measurement: Measurement;
  readonly group: string;
  /** Whether the group predicts before it is told. */
  readonly predicting: boolean;
}

/** How the meter is set, and what the group expects; what sound batteries read is told after the reading. */
export function ExpectedLine({ step, measurement, group, predicting }: ExpectedLineProps) {
  const { lines, log } = useLog();
  const readings = useReadings(group);
  const { meter, expected } = step;
  const quantity = quantityOf(measurement);
  if (quantity === 'light' || expected === null) {
    return (
      <p className={`${styles.small} ${styles.soft}`}>
        Look closely, in a darkened corner if need be.
      </p>
    );
  }
  const key = measurementKey(measurement);
  const predicted = predictionsOfGroup(lines, group).get(key) ?? null;
  const read = readings.some((one) => measurementKey(one.measurement) === key);
  const asks = predicting && predicted === null && !read;
  return (
    <>
      {meter === null ? null : (
        <p className={styles.small}>
          Meter: <strong>{quantity === 'volts' ? 'DC volts' : 'DC current'}</strong>, range{' '}
          <strong>{meter.range}</strong>, red lead in <strong>{meter.socket}</strong>, black in{' '}
          <strong>COM</strong>.
        </p>
      )}
      {predicted === null ? null : (
        <p className={styles.small}>You expect {readingText(measurement, predicted)}.</p>
      )}
      {asks ? (
        <PredictionField
          key={key}
          measurement={measurement}
          onPredict={(value) =>
            log(group, [{ kind: 'prediction', measurement, value, takenAt: now() }])
          }
        />
      ) : null}
    </>
  );
}

/** The last reading as it stands beside what sound batteries read: told once it is taken, so that nobody reads what is printed. */
export function LastRead({ facts, group }: { readonly facts: GroupFacts; readonly group: string }) {
  const { lines } = useLog();
  const last = useReadings(group).at(-1);
  if (last === undefined || quantityOf(last.measurement) === 'light') return null;
  const { measurement, value } = last;
  const step = facts.steps.find((one) => one.measurement && isSame(one.measurement, measurement));
  if (step?.expected == null) return null;
  const predicted = predictionsOfGroup(lines, group).get(measurementKey(measurement)) ?? null;
  return (
    <p className={`${styles.small} ${styles.soft}`} data-testid="expected">
      {step.title}: <strong>{readingText(measurement, value)}</strong>.
      {predicted === null ? '' : ` You expected ${readingText(measurement, predicted)}.`} Sound
      batteries read {expectedRangeText(measurement, step.expected)}.
    </p>
  );
}

function PredictionField(props: {
  readonly measurement: Measurement;
  readonly onPredict: (value: number) => void;
}) {
  const { measurement, onPredict } = props;
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const volts = quantityOf(measurement) === 'volts';
  const write = (): void => {
    const parsed = parseQuantity(text, volts ? 'volts' : 'milliamps');
    const most = READING_LIMITS[volts ? 'volts' : 'amps'];
    if (!parsed.ok) setProblem(parsed.issues[0]?.message ?? 'This cannot be read.');
    else if (Math.abs(parsed.value) > most) {
      setProblem(`At most ${readingText(measurement, most)}: check the unit.`);
    } else onPredict(parsed.value);
  };
  return (
    <div className={styles.row} style={{ alignItems: 'flex-end' }}>
      <div style={{ width: 210 }}>
        <Field
          label="What do you expect, before you read?"
          value={text}
          placeholder={volts ? 'V' : 'mA'}
          autoComplete="off"
          maxLength={40}
          wrong={problem !== null}
          helper={problem ?? undefined}
          onChange={(event) => {
            setText(event.target.value);
            setProblem(null);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.repeat) write();
          }}
        />
      </div>
      <Button look="outlined" disabled={text.trim() === ''} onClick={write}>
        Write it down
      </Button>
    </div>
  );
}
