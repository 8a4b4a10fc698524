'use client';

import { createContext, useCallback, useContext } from 'react';
import type { ClassesOutcome } from '@/core/physics/chance/simulateClasses';
import { withoutFaults } from '@/core/physics/desk/desk';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { useWorkerJob, type WorkerJob, type WorkerQuestion } from '@/workers/useWorkerJob';

/** Classes that are simulated off the main thread. */
const MANY_CLASSES = 20_000;
/** Rest after the last edit before they are, milliseconds. */
const QUIET_MS = 250;

export type ClassSimulation = WorkerJob<ClassesOutcome>;

/** Many classes of a battery as it is after the wanted time, simulated in the worker with progress and stop. */
export function useClassSimulation({
  atEnd: { desk },
  need,
  wrong,
}: Pick<PlanEvaluation, 'atEnd' | 'need' | 'wrong'>): ClassSimulation {
  const ask: WorkerQuestion<ClassesOutcome> = useCallback(
    (jobs, onProgress) =>
      jobs.simulateMany(wrong === 0 ? desk : withoutFaults(desk), need, MANY_CLASSES, onProgress),
    [desk, need, wrong],
  );
  return useWorkerJob(ask, { quietMs: QUIET_MS, stop: stopSimulation });
}

const stopSimulation = (jobs: Parameters<WorkerQuestion<unknown>>[0]) => jobs.stopSimulation();

/** Apart from the plan itself: its progress changes five times a second, and only its chart shows it. */
export const ClassSimulationContext = createContext<ClassSimulation | null>(null);

export function useSimulatedClasses(): ClassSimulation {
  const value = useContext(ClassSimulationContext);
  if (value === null) throw new Error('a plan component stands outside PlanProvider');
  return value;
}
