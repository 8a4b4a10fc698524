'use client';

import { useRouter } from 'next/navigation';
import { firstWrongRow } from '@/core/work/diagnosis/judgeReadings';
import { currentStep } from '@/core/work/guide/guideStep';
import { stairsRows, type GroupFacts } from '@/core/work/guide/stairs';
import { foldLog, stepStates } from '@/core/records/logbook/foldLog';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { DEFERRAL } from '@/core/physics/safety/cautions';
import { formatAmps, formatVolts } from '@/core/units';
import { GuideCard } from '@/ui/bench/GuideCard';
import { LogProvider, now, useLiveLog, useLog, useReadings } from '@/ui/bench/LogProvider';
import { NoteFields } from '@/ui/bench/NoteFields';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';
import { Button } from '@/ui/plain/Button';
import { Notice } from '@/ui/plain/Notice';
import styles from '@/ui/plain/plain.module.css';

interface GroupPageProps {
  readonly group: string;
  /** Title of the plan. */
  readonly title: string;
  readonly facts: GroupFacts;
  readonly initialLog: readonly LogLine[];
}

/** A group’s own page on its phone or tablet: the step it is at, its stairs, a word when a step is missing, and a call for help. */
export function GroupPage({ group, title, facts, initialLog }: GroupPageProps) {
  return (
    <LogProvider initial={initialLog} author="group" postUrl="/api/class/log">
      <GroupBench group={group} title={title} facts={facts} />
    </LogProvider>
  );
}

function GroupBench({ group, title, facts }: Omit<GroupPageProps, 'initialLog'>) {
  const { refresh } = useRouter();
  // The page is rendered anew with the plan as it is now; what was typed stays.
  const { ended } = useLiveLog('/api/class/events', refresh);
  const { lines, waiting, problem, dismiss, log, revise } = useLog();
  const readings = useReadings(group);
  const step = currentStep(facts.steps, stepStates(lines, group));
  const string = step?.string ?? 1;
  const rows = stairsRows(facts.stairs, string, readings);
  const wrong = firstWrongRow(rows);
  const help = foldLog(lines).findLast(({ current: { entry } }) => entry.kind === 'help');
  const calls = help?.current.entry.kind === 'help' && help.current.entry.wanted;
  const call = (wanted: boolean): void => {
    const entry = { kind: 'help', wanted, takenAt: now() } as const;
    if (help === undefined) log(group, [entry]);
    else revise(help.current, { entry });
  };
  return (
    <main className={styles.sheet}>
      <div
        className={styles.row}
        style={{ justifyContent: 'space-between', alignItems: 'baseline' }}
      >
        <h1 className={styles.h1}>Group {group}</h1>
        <span role="status" className={`${styles.caption} ${styles.soft}`}>
          {waiting === 0 ? 'all sent' : `${waiting} waiting to be sent`}
        </span>
      </div>
      <p className={`${styles.text} ${styles.soft}`}>{title}</p>
      {ended ? (
        <Notice severity="info">The class has ended. Thank you; you can close this page.</Notice>
      ) : null}
      {problem === null ? null : (
        <Notice severity="error" onClose={dismiss}>
          {problem}
        </Notice>
      )}
      {wrong === null || wrong.meaning === null || wrong.read === null ? null : (
        <Notice severity="warning" data-testid="group-wrong">
          <strong>{wrong.label}: </strong>
          {wrong.meaning.wording}. Expected{' '}
          {(wrong.kind === 'open-circuit' ? formatVolts : formatAmps)(wrong.expected)}, you read{' '}
          {(wrong.kind === 'open-circuit' ? formatVolts : formatAmps)(wrong.read)}. Look at that
          cell before you go on, and read again.
        </Notice>
      )}
      <GuideCard facts={facts} group={group} />
      <Button
        look={calls ? 'danger' : 'outlined'}
        onClick={() => call(!calls)}
        aria-pressed={calls}
      >
        {calls ? 'Your teacher is called: press when helped' : 'Call your teacher'}
      </Button>
      <ReadingStairs
        rows={rows}
        room="phone"
        title={facts.stairs.length > 1 ? `String ${string}` : 'Your stairs'}
      />
      <NoteFields group={group} photosUrl="/api/class/photos" />
      <p className={`${styles.caption} ${styles.soft}`}>{DEFERRAL}</p>
    </main>
  );
}
