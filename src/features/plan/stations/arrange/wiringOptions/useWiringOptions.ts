'use client';

import { useEffect, useState } from 'react';
import type { PlannerOutcome } from '@/core/work/planning/planBatteries';
import type { PlanEvaluation } from '@/core/work/planning/evaluatePlan';
import type { SearchLimits } from '@/core/work/planning/wiringOptions';
import { plannerClient } from '@/workers/plannerClient';

/** Ways found in the worker; `null` until the first answer. An older answer stays while a newer one is worked out. */
export function useWiringOptions(
  { cell, cellInput, need }: Pick<PlanEvaluation, 'cell' | 'cellInput' | 'need'>,
  wish: SearchLimits,
): PlannerOutcome | null {
  const [outcome, setOutcome] = useState<PlannerOutcome | null>(null);
  useEffect(() => {
    let outdated = false;
    void plannerClient()
      .wiringOptions(cell, cellInput.size, need, wish)
      .then((found) => {
        if (!outdated) setOutcome(found);
      });
    return () => {
      outdated = true;
    };
  }, [cell, cellInput.size, need, wish]);
  return outcome;
}
