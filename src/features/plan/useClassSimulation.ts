'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import type { ClassesOutcome } from '@/core/physics/chance/simulateClasses';
import { withoutFaults } from '@/core/physics/desk/desk';
import type { PlanEvaluation } from '@/core/work/planning/evaluatePlan';
import { plannerClient } from '@/workers/plannerClient';

/** Classes that are simulated off the main thread. */
const MANY_CLASSES = 20_000;
/** Rest after the last edit before they are, milliseconds. */
const QUIET_MS = 250;

export interface ClassSimulation {
  /** Share that is done, or `null` while nothing runs. */
  readonly progress: number | null;
  readonly cancel: () => void;
}

/** The doubts about a battery: few classes at once, many from the worker, with progress and cancel. */
export function useClassSimulation({
  classes,
  desk,
  need,
  wrong,
}: PlanEvaluation): ClassSimulation & {
  /** Many classes once they are simulated; until then the few that are simulated at once. */
  readonly classes: ClassesOutcome;
} {
  const [many, setMany] = useState<{ of: ClassesOutcome; outcome: ClassesOutcome } | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const cancel = useCallback((): void => {
    void plannerClient().stopSimulation();
    setProgress(null);
  }, []);
  const done = many?.of === classes;
  useEffect(() => {
    if (done) return;
    let outdated = false;
    const report = proxy((share: number) => {
      if (!outdated) setProgress(share);
    });
    const timer = setTimeout(() => {
      const sound = wrong === 0 ? desk : withoutFaults(desk);
      void plannerClient()
        .simulateMany(sound, need, MANY_CLASSES, report)
        .then((outcome) => {
          if (outdated) return;
          setProgress(null);
          if (outcome !== null) setMany({ of: classes, outcome });
        });
    }, QUIET_MS);
    return () => {
      outdated = true;
      clearTimeout(timer);
      setProgress(null);
    };
  }, [done, classes, desk, need, wrong]);
  return { classes: many?.of === classes ? many.outcome : classes, progress, cancel };
}
