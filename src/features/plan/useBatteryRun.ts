'use client';

import { createContext, useCallback, useContext, useMemo } from 'react';
import type { LeftRunning } from '@/core/work/running/leaveRunning';
import { readInTime, type ReadPoint } from '@/core/work/running/readInTime';
import { useLog } from '@/ui/bench/LogProvider';
import { useWorkerJob, type WorkerJob } from '@/workers/useWorkerJob';
import { usePlan, usePlanContext } from './PlanProvider';
import { useBenchChoice } from './benchChoice';

/** Rest after an edit before the run is worked out, milliseconds: the edit itself comes first. */
const QUIET_MS = 350;

/** What the chosen group read at the device over time. */
export function useReadInTime(): readonly ReadPoint[] {
  const { lines } = useLog();
  const { group } = useBenchChoice();
  return useMemo(() => readInTime(lines, group), [lines, group]);
}

/** The battery left running, worked out in the worker for the plan as it stands. */
export function useWorkedRun(): WorkerJob<LeftRunning> {
  const { running } = usePlan();
  const { desk, need } = usePlanContext().evaluation;
  const read = useReadInTime();
  return useWorkerJob(
    useCallback(
      (jobs) => jobs.leaveRunning(desk, need, running, read),
      [desk, need, running, read],
    ),
    { worker: 'patient', quietMs: QUIET_MS },
  );
}

export const BatteryRunContext = createContext<WorkerJob<LeftRunning> | null>(null);

export function useBatteryRunJob(): WorkerJob<LeftRunning> {
  const value = useContext(BatteryRunContext);
  if (value === null) throw new Error('a plan component stands outside the run’s provider');
  return value;
}

/** The run, or `null` until it is known. */
export function useBatteryRun(): LeftRunning | null {
  return useBatteryRunJob().answer;
}
