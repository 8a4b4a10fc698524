'use client';

import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { sceneOfStep } from '@/core/work/guide/benchScene';
import {
  answerToPress,
  currentStep,
  guideProgress,
  type GuidePress,
} from '@/core/work/guide/guideProgress';
import type { GuideStep } from '@/core/work/guide/guideStep';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { measurementKey, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { formatMinutes } from '@/core/units';
import { Card } from '../Card';
import { CautionList } from '../CautionList';
import { CellPortrait } from '../desk/CellPortrait';
import { Button } from '../plain/Button';
import { Notice } from '../plain/Notice';
import styles from '../plain/plain.module.css';
import { BenchPicture } from './BenchPicture';
import { ExpectedLine, LastRead } from './ExpectedLine';
import { HoldCard } from './HoldCard';
import { now, useJudgement, useLog, useReadings } from './LogProvider';
import { ReadingEntry } from './ReadingEntry';
import { useDrafts, useReadingDraft, type DraftsState } from './useReadingDraft';

interface GuideCardProps {
  readonly facts: GroupFacts;
  readonly group: string;
  /** Whether the cautions stand elsewhere on the page. */
  readonly withoutCautions?: boolean;
  /** Whether the group writes down what it expects before it is told. */
  readonly predicting?: boolean;
}

/** Where the guide stands, read from the log alone. */
export function useGuide({ steps }: GroupFacts, group: string) {
  const { lines } = useLog();
  const progress = useMemo(() => guideProgress(steps, lines, group), [steps, lines, group]);
  return { progress, step: currentStep(steps, progress) };
}

/** The step that a group is at: what to do, where the probes go, what the meter should read. */
export function GuideCard(props: GuideCardProps) {
  const { facts, group, withoutCautions = false, predicting = false } = props;
  const { markStep } = useLog();
  const { steps } = facts;
  const { progress, step } = useGuide(facts, group);
  const drafts = useDrafts(`grozer drafts ${group}`);
  const judgement = useJudgement(group);
  const [passed, setPassed] = useState<string | null>(null);
  const byKey = useRef(false);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!byKey.current) return;
    byKey.current = false;
    // The hands are on the keys: on to the next field, or to the button where there is none.
    box.current?.querySelector<HTMLElement>('input, [data-guide-done]')?.focus();
  }, [step?.id]);
  const at = step === null ? steps.length : steps.indexOf(step);
  const press = (kind: GuidePress['kind']): 'ask' | 'mark' | 'nothing' => {
    const answer = answerToPress(steps, progress, { kind, step: step?.id ?? null });
    if (answer.kind === 'mark') markStep(group, answer.step, answer.state);
    return answer.kind;
  };
  const turns = {
    back: { disabled: at === 0, onClick: () => press('back') },
    skip: () => press('skip'),
    done: () => press('done'),
  };
  if (judgement !== null && judgement.verdict !== 'fine' && judgement.headline !== passed) {
    return (
      <HoldCard
        key={judgement.seq}
        facts={facts}
        group={group}
        judgement={judgement}
        drafts={drafts}
        onGoOn={() => setPassed(judgement.headline)}
      />
    );
  }
  return (
    <Card
      title={step === null ? 'All steps are done' : step.title}
      actions={
        <span className={`${styles.caption} ${styles.soft}`}>
          step {Math.min(at + 1, steps.length)} of {steps.length}
          {step === null ? '' : ` · about ${minutesText(step.minutes)}`}
        </span>
      }
    >
      <progress className={styles.progress} value={at} max={steps.length} aria-label="Steps done" />
      {step === null ? (
        <>
          <p className={styles.text}>Watch how long it runs.</p>
          <div className={styles.row} style={{ marginTop: 12 }}>
            <Button {...turns.back}>Back</Button>
          </div>
        </>
      ) : (
        <div ref={box} className={styles.stack}>
          {judgement !== null && judgement.verdict !== 'fine' ? (
            <Notice severity="warning">{judgement.headline}. You went on all the same.</Notice>
          ) : (
            <LastRead facts={facts} group={group} />
          )}
          <p className={styles.text} data-testid="step-text" aria-live="polite">
            {step.text}
          </p>
          <StepPicture step={step} facts={facts} />
          {step.measurement === null ? (
            <Turns {...turns} ask={null} />
          ) : (
            <ReadingStep
              step={step}
              measurement={step.measurement}
              facts={facts}
              group={group}
              predicting={predicting}
              turns={turns}
              drafts={drafts}
              onEnter={() => {
                byKey.current = true;
              }}
            />
          )}
          {withoutCautions || step.cautions.length === 0 ? null : (
            <CautionList cautions={step.cautions} />
          )}
        </div>
      )}
    </Card>
  );
}

/** Rounded to half minutes. */
const minutesText = (minutes: number): string =>
  formatMinutes(Math.max(0.5, Math.round(2 * minutes) / 2));

function StepPicture({ step, facts }: { readonly step: GuideStep; readonly facts: GroupFacts }) {
  if (step.kind === 'build') {
    return (
      <div style={{ width: 190 }}>
        <CellPortrait {...facts.cell} />
      </div>
    );
  }
  const scene = sceneOfStep(step);
  return scene === null ? null : <BenchPicture scene={scene} meter={step.meter} facts={facts} />;
}

interface TurnsProps {
  readonly back: { readonly disabled: boolean; readonly onClick: () => void };
  readonly skip: () => void;
  readonly done: () => void;
  /** What is missing before the step is done; `null` where nothing was pressed in vain. */
  readonly ask: string | null;
}

/** A key that is held down and the second half of a double click are no further presses. */
const once = {
  onKeyDown: (event: KeyboardEvent) => {
    if (event.repeat) event.preventDefault();
  },
};

function Turns({ back, skip, done, ask }: TurnsProps) {
  return (
    <div>
      {ask === null ? null : (
        <p role="alert" className={`${styles.small} ${styles.warns}`} style={{ marginBottom: 6 }}>
          {ask}
        </p>
      )}
      <div className={styles.row}>
        <Button
          look="filled"
          data-guide-done
          {...once}
          onClick={({ detail }) => {
            if (detail < 2) done();
          }}
        >
          Done
        </Button>
        <Button
          {...once}
          onClick={({ detail }) => {
            if (detail < 2) skip();
          }}
        >
          Skip
        </Button>
        <Button {...once} {...back}>
          Back
        </Button>
      </div>
    </div>
  );
}

interface ReadingStepProps {
  readonly step: GuideStep;
  readonly measurement: Measurement;
  readonly facts: GroupFacts;
  readonly group: string;
  readonly predicting: boolean;
  readonly turns: Omit<TurnsProps, 'done' | 'ask'> & { readonly done: () => string };
  readonly drafts: DraftsState;
  readonly onEnter: () => void;
}

/** A step that its reading completes: typed and sent by Done or by Enter, whichever comes first, and once. */
function ReadingStep(props: ReadingStepProps) {
  const { step, measurement, facts, group, predicting, turns, drafts, onEnter } = props;
  const { log } = useLog();
  const readings = useReadings(group);
  const key = measurementKey(measurement);
  const [askedAt, setAskedAt] = useState<string | null>(null);
  const value = readings.find((one) => measurementKey(one.measurement) === key)?.value ?? null;
  const light = quantityOf(measurement) === 'light';
  const draft = useReadingDraft(
    {
      measurement,
      expected: step.expected?.value ?? 0,
      stairs: facts.stairs,
      value,
      onRead: (read, typed) => {
        setAskedAt(null);
        const range = step.meter?.range ?? null;
        log(group, [readingEntry(measurement, read, now(), { typed, range })]);
      },
    },
    drafts,
  );
  const done = (): void => {
    const committed = draft.commit();
    if (committed === 'read' || committed === 'asked') return;
    // Nothing new is typed: what was read before stands, or is asked for.
    setAskedAt(turns.done() === 'ask' ? step.id : null);
  };
  return (
    <div className={styles.stack} style={{ gap: 8 }}>
      <ExpectedLine step={step} measurement={measurement} group={group} predicting={predicting} />
      <ReadingEntry
        measurement={measurement}
        value={value}
        label={`Reading: ${step.title}`}
        caption="The meter shows"
        draft={draft}
        onEnter={() => {
          onEnter();
          done();
        }}
      />
      <Turns
        {...turns}
        done={done}
        ask={
          askedAt !== step.id
            ? null
            : light
              ? 'Say first whether it runs: Yes or No. Or skip this step.'
              : 'Type first what the meter shows. Or skip this step.'
        }
      />
    </div>
  );
}
