'use client';

import { useState } from 'react';
import { readAndJudged, type BenchJudgement } from '@/core/work/guide/benchJudgement';
import { sceneOfMeasurement, sceneOfPlace } from '@/core/work/guide/benchScene';
import type { GroupFacts } from '@/core/work/guide/stairs';
import {
  howToMeasure,
  isSame,
  measurementName,
  quantityOf,
} from '@/core/records/logbook/measurement';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { capital } from '@/core/words';
import { Card } from '../Card';
import { Button } from '../plain/Button';
import { Notice } from '../plain/Notice';
import styles from '../plain/plain.module.css';
import { BenchPicture } from './BenchPicture';
import { now, useLog, useReadings } from './LogProvider';
import { ReadingEntry } from './ReadingEntry';
import { useReadingDraft, type DraftsState } from './useReadingDraft';

interface HoldCardProps {
  readonly facts: GroupFacts;
  readonly group: string;
  readonly judgement: BenchJudgement;
  readonly drafts: DraftsState;
  readonly onGoOn: () => void;
}

/** A reading that is off: what to do and where, then the reading that tells whether it helped, or which cause it is. */
export function HoldCard({ facts, group, judgement, drafts, onGoOn }: HoldCardProps) {
  const { log } = useLog();
  const readings = useReadings(group);
  const { sure, dark, verdict, place, remedy, next } = judgement;
  const last = readings.at(-1) ?? null;
  const [again, setAgain] = useState(!sure);
  const told = sure && verdict !== 'reading' ? null : (next[0] ?? null);
  const measurement = told?.measurement ?? last?.measurement ?? { kind: 'battery-volts' as const };
  const step = facts.steps.find((one) => one.measurement && isSame(one.measurement, measurement));
  const meter = told?.meter ?? step?.meter ?? null;
  const expected = told?.expected.value ?? step?.expected?.value ?? 0;
  const draft = useReadingDraft(
    {
      measurement,
      expected,
      stairs: facts.stairs,
      value: null,
      onRead: (read, typed) =>
        log(group, [
          readingEntry(measurement, read, now(), { typed, range: meter?.range ?? null }),
        ]),
    },
    drafts,
  );
  const at = facts.steps.findIndex(
    (one) => one.measurement && last !== null && isSame(one.measurement, last.measurement),
  );
  const built = last !== null && 'built' in last.measurement ? last.measurement.built : 0;
  const scene =
    again || place === null
      ? sceneOfMeasurement(measurement)
      : sceneOfPlace(place.string, Math.max(built, place.cell + (place.lead ? 1 : 0)), place);
  const light = quantityOf(measurement) === 'light';
  return (
    <Card
      title={
        facts.steps[at]?.title ?? (last === null ? '' : capital(measurementName(last.measurement)))
      }
      actions={
        at < 0 ? null : (
          <span className={`${styles.caption} ${styles.soft}`}>
            step {at + 1} of {facts.steps.length}
          </span>
        )
      }
    >
      <div className={styles.stack}>
        <Notice severity={sure || dark ? 'error' : 'warning'} data-testid="group-wrong">
          <strong>{readAndJudged(judgement, last)}. </strong>
          {remedy}
        </Notice>
        <BenchPicture scene={scene} meter={again || place === null ? meter : null} facts={facts} />
        {again ? (
          <>
            <p className={styles.small} data-testid="measure-next">
              {howToMeasure(measurement)}
              {meter === null ? '' : ` Range ${meter.range}, red lead in ${meter.socket}.`}
            </p>
            <div className={styles.row} style={{ alignItems: 'flex-start' }}>
              <ReadingEntry
                measurement={measurement}
                value={null}
                label="Reading to take next"
                draft={draft}
                onEnter={draft.commit}
              />
              {light ? null : (
                <Button look="filled" onClick={draft.commit}>
                  Read
                </Button>
              )}
            </div>
          </>
        ) : (
          <Button look="filled" data-guide-done onClick={() => setAgain(true)}>
            Read again
          </Button>
        )}
        <Button onClick={onGoOn}>Go on all the same</Button>
      </div>
    </Card>
  );
}
