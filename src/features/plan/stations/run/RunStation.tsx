'use client';

import { Card } from '@/ui/Card';
import { JobStatus } from '@/ui/JobStatus';
import { PartTabs } from '@/ui/PartTabs';
import { useBatteryRunJob } from '../../useBatteryRun';
import { lazyPart } from '@/ui/lazyPart';

const LeftOnPart = lazyPart(() => import('./LeftOnPart').then((module) => module.LeftOnPart));
const BankPart = lazyPart(() => import('./BankPart').then((module) => module.BankPart));
const OtherRunsCard = lazyPart(() =>
  import('./OtherRunsCard').then((module) => module.OtherRunsCard),
);
const ShortPart = lazyPart(() => import('./ShortPart').then((module) => module.ShortPart));
const TurnsPart = lazyPart(() => import('./TurnsPart').then((module) => module.TurnsPart));

const PARTS = [
  ['on', 'Left on'],
  ['turns', 'On and off'],
  ['short', 'After a short'],
  ['bank', 'Capacitor bank'],
  ['ways', 'Compared with alternatives'],
] as const;

/** Station 6: what becomes of it when it is left on, used in turns, shorted, or charges a bank. */
export function RunStation() {
  return (
    <PartTabs label="Ways to leave it running" prefix="run" parts={PARTS}>
      {(part) => {
        switch (part) {
          case 'on':
            return <LeftOn />;
          case 'turns':
            return <TurnsPart />;
          case 'short':
            return <ShortPart />;
          case 'bank':
            return <BankPart />;
          case 'ways':
            return <OtherRunsCard />;
        }
      }}
    </PartTabs>
  );
}

function LeftOn() {
  const job = useBatteryRunJob();
  if (job.answer !== null) return <LeftOnPart left={job.answer} />;
  return (
    <Card title="Over time">
      <JobStatus job={job} />
    </Card>
  );
}
