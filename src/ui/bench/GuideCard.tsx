'use client';

import { useMemo } from 'react';
import { currentStep, type GuideStep } from '@/core/work/guide/guideStep';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { stepStates } from '@/core/records/logbook/foldLog';
import { isSame, quantityOf } from '@/core/records/logbook/measurement';
import { readingEntry, readingText } from '@/core/records/logbook/readingEntry';
import { formatMinutes, formatNumber } from '@/core/units';
import { Card } from '../Card';
import { CautionList } from '../CautionList';
import { CellPortrait } from '../desk/CellPortrait';
import { Button } from '../plain/Button';
import { Notice } from '../plain/Notice';
import styles from '../plain/plain.module.css';
import { now, useLog, useReadings } from './LogProvider';
import { ProbePicture } from './ProbePicture';
import { ReadingField } from './ReadingField';

interface GuideCardProps {
  readonly facts: GroupFacts;
  readonly group: string;
  /** Whether the cautions stand elsewhere on the page. */
  readonly withoutCautions?: boolean;
  /** Why the step should wait; `null` where it need not. */
  readonly hold?: string | null;
}

/** The step that a group is at: what to do, where the probes go, what the meter should read. */
export function GuideCard({ facts, group, withoutCautions = false, hold = null }: GuideCardProps) {
  const { lines, log, markStep } = useLog();
  const readings = useReadings(group);
  const states = useMemo(() => stepStates(lines, group), [lines, group]);
  const { steps } = facts;
  const step = currentStep(steps, states);
  const at = step === null ? steps.length : steps.indexOf(step);
  const before = steps[at - 1];
  const settle = (state: 'done' | 'skipped'): void => {
    if (step !== null) markStep(group, step.id, state);
  };
  const back = (): void => {
    if (before !== undefined) markStep(group, before.id, 'open');
  };
  const read = readings.find(
    ({ measurement }) =>
      step?.measurement !== null &&
      step?.measurement !== undefined &&
      isSame(measurement, step.measurement),
  );
  return (
    <Card
      title={step === null ? 'All steps are done' : step.title}
      actions={
        <span className={`${styles.caption} ${styles.soft}`}>
          step {Math.min(at + 1, steps.length)} of {steps.length}
          {step === null ? '' : ` · about ${formatMinutes(step.minutes)}`}
        </span>
      }
    >
      <progress className={styles.progress} value={at} max={steps.length} aria-label="Steps done" />
      {step === null ? (
        <p className={styles.text}>
          Watch how long it runs, and clear away: food with metal in it is waste.
        </p>
      ) : (
        <div className={styles.stack}>
          {hold === null ? null : <Notice severity="warning">{hold}</Notice>}
          <div className={styles.row} style={{ gap: 16, alignItems: 'flex-start' }}>
            <p className={styles.text} data-testid="step-text" style={{ flex: '1 1 260px' }}>
              {step.text}
            </p>
            {step.kind === 'build' ? (
              <div style={{ width: 150, marginTop: -16 }}>
                <CellPortrait {...facts.cell} />
              </div>
            ) : null}
          </div>
          {step.measurement === null ? null : (
            <div className={styles.row} style={{ gap: 16 }}>
              {'string' in step.measurement ? (
                <ProbePicture measurement={step.measurement} built={Math.max(step.built, 1)} />
              ) : null}
              <div className={styles.stack} style={{ gap: 6 }}>
                <MeterLine step={step} />
                <ReadingField
                  key={step.id}
                  measurement={step.measurement}
                  expected={step.expected?.value ?? 0}
                  stairs={facts.stairs}
                  value={read?.value ?? null}
                  label={`Reading: ${step.title}`}
                  onRead={(value, typed) => {
                    if (step.measurement === null) return;
                    const range = step.meter?.range ?? null;
                    log(group, [readingEntry(step.measurement, value, now(), { typed, range })]);
                    settle('done');
                  }}
                />
              </div>
            </div>
          )}
          {withoutCautions || step.cautions.length === 0 ? null : (
            <CautionList cautions={step.cautions} />
          )}
        </div>
      )}
      <div className={styles.row} style={{ marginTop: 12 }}>
        {step === null ? null : (
          <>
            <Button look="filled" onClick={() => settle('done')}>
              Done
            </Button>
            <Button onClick={() => settle('skipped')}>Skip</Button>
          </>
        )}
        <Button disabled={before === undefined} onClick={back}>
          Back
        </Button>
      </div>
    </Card>
  );
}

function MeterLine({ step }: { readonly step: GuideStep }) {
  const { meter, expected, measurement } = step;
  if (measurement === null || expected === null) return null;
  if (quantityOf(measurement) === 'light') {
    return (
      <p className={`${styles.small} ${styles.soft}`}>
        Look closely, in a darkened corner if need be.
      </p>
    );
  }
  const isVolts = quantityOf(measurement) === 'volts';
  const scatter = `${formatNumber((isVolts ? 1 : 1000) * 2 * expected.deviation, 2)} ${isVolts ? 'V' : 'mA'}`;
  return (
    <p className={styles.small}>
      {meter === null ? null : (
        <>
          Meter: <strong>{isVolts ? 'DC volts' : 'DC current'}</strong>, range{' '}
          <strong>{meter.range}</strong>, red lead in <strong>{meter.socket}</strong>.
          <br />
        </>
      )}
      Should read about <strong>{readingText(measurement, expected.value)}</strong>, give or take{' '}
      {scatter}.
    </p>
  );
}
