'use client';

import { useRouter } from 'next/navigation';
import { lastOfKind, predictionsOfGroup } from '@/core/records/logbook/foldLog';
import { stairsRows, type GroupFacts } from '@/core/work/guide/stairs';
import type { LogEntry, LogLine } from '@/core/records/logbook/logEntry';
import { DEFERRAL } from '@/core/physics/safety/deferral';
import { GuideCard, useGuide } from '@/ui/bench/GuideCard';
import {
  LogProvider,
  now,
  useJudgement,
  useLiveLog,
  useLog,
  useReadings,
} from '@/ui/bench/LogProvider';
import { NoteFields } from '@/ui/bench/NoteFields';
import type { Seat } from '@/ui/bench/queueKeys';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';
import { EarlierClasses, Undelivered } from '@/ui/bench/Undelivered';
import { PlainLink } from '@/ui/plain/PlainLink';
import { Button } from '@/ui/plain/Button';
import { InertUntilHydrated } from '@/ui/plain/InertUntilHydrated';
import { Notice } from '@/ui/plain/Notice';
import styles from '@/ui/plain/plain.module.css';

interface GroupPageProps {
  readonly seat: Seat;
  /** Title of the plan. */
  readonly title: string;
  readonly facts: GroupFacts;
  readonly initialLog: readonly LogLine[];
}

/** A group’s own page on its phone or tablet: the step it is at, its stairs, what is wrong and what to do about it, and a call for help. */
export function GroupPage({ seat, title, facts, initialLog }: GroupPageProps) {
  return (
    <LogProvider initial={initialLog} author="group" postUrl="/api/class/log" seat={seat}>
      <GroupBench seat={seat} title={title} facts={facts} />
    </LogProvider>
  );
}

function GroupBench({ seat, title, facts }: Pick<GroupPageProps, 'seat' | 'title' | 'facts'>) {
  const { group } = seat;
  const { refresh } = useRouter();
  // The page is rendered anew with the plan as it is now; what was typed stays.
  const { ended, present } = useLiveLog('/api/class/events', refresh);
  const { waiting, held, undelivered } = useLog();
  const { step } = useGuide(facts, group);
  const string = step?.string ?? 1;
  const devices = present.get(group)?.devices ?? 1;
  return (
    <InertUntilHydrated as="main" className={styles.sheet}>
      <div
        className={styles.row}
        style={{ justifyContent: 'space-between', alignItems: 'baseline' }}
      >
        <h1 className={styles.h1}>Group {group}</h1>
        <span role="status" className={`${styles.caption} ${styles.soft}`}>
          {waiting === 0 ? 'all sent' : `${waiting} ${ended ? 'not sent' : 'waiting to be sent'}`}
        </span>
      </div>
      <div
        className={styles.row}
        style={{ justifyContent: 'space-between', alignItems: 'baseline' }}
      >
        <p className={`${styles.text} ${styles.soft}`}>{title}</p>
        {waiting === 0 ? (
          <PlainLink href="/join?other=1" className={styles.caption}>
            Not group {group}?
          </PlainLink>
        ) : null}
      </div>
      {devices > 1 ? (
        <Notice severity="info">
          {devices} devices are in group {group}. What one of you writes, the others see.
        </Notice>
      ) : null}
      {ended ? (
        <Notice severity="info">
          The class has ended.{' '}
          {waiting === 0 && undelivered.length === 0
            ? 'Thank you; you can close this page.'
            : 'Show your teacher what is only on this phone.'}
        </Notice>
      ) : null}
      {waiting > 0 && held !== null ? <Notice severity="warning">{held}</Notice> : null}
      <Undelivered />
      <EarlierClasses seat={seat} />
      <GuideCard facts={facts} group={group} predicting={facts.predict} />
      <Calls group={group} metersAreShared={facts.metersAreShared && step?.meter != null} />
      <PredictedStairs facts={facts} group={group} string={string} />
      <NoteFields group={group} photosUrl="/api/class/photos" />
      <p className={`${styles.caption} ${styles.soft}`}>{DEFERRAL}</p>
    </InertUntilHydrated>
  );
}

/** For the teacher, and for a meter where not every group has one. */
function Calls({ group, metersAreShared }: { group: string; metersAreShared: boolean }) {
  const { lines, log, revise } = useLog();
  const of = (kind: 'help' | 'meter') => {
    const line = lastOfKind(
      lines.filter((one) => one.group === group),
      kind,
    );
    const wanted = line !== null && 'wanted' in line.entry && line.entry.wanted;
    const call = (): void => {
      const entry: LogEntry = { kind, wanted: !wanted, takenAt: now() };
      if (line === null) log(group, [entry]);
      else revise(line, { entry });
    };
    return { wanted, call };
  };
  const help = of('help');
  const meter = of('meter');
  return (
    <>
      {metersAreShared || meter.wanted ? (
        <Button
          look={meter.wanted ? 'filled' : 'outlined'}
          onClick={meter.call}
          aria-pressed={meter.wanted}
        >
          {meter.wanted ? 'Waiting for a meter: press when you have it' : 'We wait for a meter'}
        </Button>
      ) : null}
      <Button
        look={help.wanted ? 'danger' : 'outlined'}
        onClick={help.call}
        aria-pressed={help.wanted}
      >
        {help.wanted ? 'Teacher called. Tap when helped' : 'Call your teacher'}
      </Button>
    </>
  );
}

function PredictedStairs(props: {
  readonly facts: GroupFacts;
  readonly group: string;
  readonly string: number;
}) {
  const { facts, group, string } = props;
  const readings = useReadings(group);
  const { lines } = useLog();
  return (
    <ReadingStairs
      rows={stairsRows(facts.stairs, string, readings)}
      room="phone"
      sound={useJudgement(group)?.verdict === 'fine'}
      title={facts.stairs.length > 1 ? `String ${string}` : 'Your stairs'}
      string={string}
      predicted={predictionsOfGroup(lines, group)}
      hidden
    />
  );
}
