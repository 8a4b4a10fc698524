'use client';

import { capital } from '@/core/words';
import { firstWrongRow } from '@/core/diagnosis/judgeReadings';
import { verdictOf } from '@/core/planning/verdict';
import { formatAmps, formatVolts } from '@/core/units';
import { VerdictPill } from '@/ui/VerdictPill';
import { benchOfPlan } from './benchOfPlan';
import { usePlan, usePlanContext } from './PlanProvider';

/** The verdict line: the plan's own, or at the bench the first reading that is not as it should be. */
export function PlanVerdict({ station }: { station: string }) {
  const { evaluation } = usePlanContext();
  const plan = usePlan();
  const wrong = station === 'build' ? firstWrongRow(benchOfPlan(plan, evaluation)) : null;
  if (wrong !== null && wrong.meaning !== null && wrong.read !== null) {
    const format = wrong.kind === 'open-circuit' ? formatVolts : formatAmps;
    const wording = wrong.meaning.wording;
    return (
      <VerdictPill
        live
        tone="marginal"
        headline={`${capital(wording)}.`}
        details={[`${wrong.label}: expected ${format(wrong.expected)}, read ${format(wrong.read)}`]}
      />
    );
  }
  return <VerdictPill live {...verdictOf(evaluation)} />;
}
