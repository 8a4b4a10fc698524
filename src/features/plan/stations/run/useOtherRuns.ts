'use client';

import { useEffect, useState } from 'react';
import type { Desk } from '@/core/desk/desk';
import type { ComparedRun } from '@/core/running/compareRuns';
import type { Running } from '@/core/running/runningSchema';
import { patientClient } from '@/workers/plannerClient';
import { usePlan, usePlanContext } from '../../PlanProvider';

interface Compared {
  readonly desk: Desk;
  readonly running: Running;
  readonly rows: readonly ComparedRun[];
}

/** Other ways to leave it running, worked out off the main thread; `null` until they are. */
export function useOtherRuns(): readonly ComparedRun[] | null {
  const { running } = usePlan();
  const { cell, desk, need, wiring } = usePlanContext().evaluation;
  const [compared, setCompared] = useState<Compared | null>(null);
  useEffect(() => {
    let outdated = false;
    void patientClient()
      .compareRuns({ cell, desk, need, wiring }, running)
      .then((rows) => {
        if (!outdated) setCompared({ desk, running, rows });
      });
    return () => {
      outdated = true;
    };
  }, [cell, desk, need, wiring, running]);
  return compared?.desk === desk && compared.running === running ? compared.rows : null;
}
