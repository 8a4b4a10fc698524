'use client';

import { stairsRows } from '@/core/work/guide/stairs';
import { firstWrongRow } from '@/core/work/diagnosis/judgeReadings';
import { verdictOf } from '@/core/work/planning/verdict';
import { runVerdict } from '@/core/work/running/runWords';
import { formatAmps, formatVolts } from '@/core/units';
import { capital } from '@/core/words';
import { useReadings } from '@/ui/bench/LogProvider';
import { VerdictPill } from '@/ui/VerdictPill';
import { usePlan, usePlanContext } from './PlanProvider';
import { useBatteryRun } from './useBatteryRun';
import { useBenchChoice, useBenchFacts } from './useBenchFacts';

/** The verdict line: the plan's own, or at the bench the first reading that is not as it should be. */
export function PlanVerdict({ station }: { station: string }) {
  if (station === 'build') return <BenchVerdict />;
  return station === 'run' ? <RunVerdict /> : <OwnVerdict />;
}

function OwnVerdict() {
  const { evaluation } = usePlanContext();
  return <VerdictPill live {...verdictOf(evaluation)} />;
}

/** On leaving it running; the plan’s own until that is worked out. */
function RunVerdict() {
  const { minutes } = usePlan();
  const { need } = usePlanContext().evaluation;
  const run = useBatteryRun();
  return run === null ? (
    <OwnVerdict />
  ) : (
    <VerdictPill live {...runVerdict(run.run, need, minutes)} />
  );
}

function BenchVerdict() {
  const facts = useBenchFacts();
  const { group, string } = useBenchChoice();
  const readings = useReadings(group);
  const wrong = firstWrongRow(stairsRows(facts.stairs, string, readings));
  if (wrong === null || wrong.meaning === null || wrong.read === null) return <OwnVerdict />;
  const format = wrong.kind === 'open-circuit' ? formatVolts : formatAmps;
  return (
    <VerdictPill
      live
      tone="marginal"
      headline={`${capital(wrong.meaning.wording)}.`}
      details={[
        `Group ${group}, ${wrong.label}: expected ${format(wrong.expected)}, read ${format(wrong.read)}`,
      ]}
    />
  );
}
