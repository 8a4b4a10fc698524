'use client';

import dynamic from 'next/dynamic';
import { TONES, verdictOf } from '@/core/work/judging/verdict';
import { runVerdict } from '@/core/work/running/runWords';
import { VerdictPill } from '@/ui/VerdictPill';
import { OwnVerdict } from './OwnVerdict';
import { usePlan, usePlanContext } from './PlanProvider';
import { useBatteryRun } from './useBatteryRun';

/** Only the bench asks for what its readings should be. */
const BenchVerdict = dynamic(() => import('./BenchVerdict').then((module) => module.BenchVerdict));

/** The verdict line: the plan's own, or at the bench the first reading that is not as it should be. */
export function PlanVerdict({ station }: { station: string }) {
  if (station === 'build') return <BenchVerdict />;
  return station === 'run' ? <RunVerdict /> : <OwnVerdict />;
}

/** On leaving it running; the plan’s own until that is worked out. */
function RunVerdict() {
  const { minutes } = usePlan();
  const { evaluation } = usePlanContext();
  const { need } = evaluation;
  const run = useBatteryRun();
  if (run === null) return <OwnVerdict />;
  const left = runVerdict(run.run, need, minutes);
  const own = verdictOf(evaluation);
  // What the whole class makes of it counts here too.
  return TONES.indexOf(own.tone) < TONES.indexOf(left.tone) ? (
    <VerdictPill live tone={own.tone} headline={own.headline} details={[left.headline]} />
  ) : (
    <VerdictPill live {...left} />
  );
}
