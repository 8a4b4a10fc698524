'use client';

import { createContext, useContext, useEffect, useMemo, useState } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import type { LeftRunning } from '@/core/work/running/leaveRunning';
import { readInTime, type ReadPoint } from '@/core/work/running/readInTime';
import type { Running } from '@/core/records/plan/runningSchema';
import { useLog } from '@/ui/bench/LogProvider';
import { patientClient } from '@/workers/plannerClient';
import { usePlan, usePlanContext } from './PlanProvider';
import { useBenchChoice } from './useBenchFacts';

/** Rest after an edit before the run is worked out, milliseconds: the edit itself comes first. */
const QUIET_MS = 350;

interface Worked {
  readonly desk: Desk;
  readonly running: Running;
  readonly read: readonly ReadPoint[];
  readonly left: LeftRunning;
}

/** What the chosen group read at the device over time. */
export function useReadInTime(): readonly ReadPoint[] {
  const { lines } = useLog();
  const { group } = useBenchChoice();
  return useMemo(() => readInTime(lines, group), [lines, group]);
}

/** The battery left running, worked out in the worker; `null` until it is known for the plan as it stands. */
export function useWorkedRun(): LeftRunning | null {
  const { running } = usePlan();
  const { desk, need } = usePlanContext().evaluation;
  const read = useReadInTime();
  const [worked, setWorked] = useState<Worked | null>(null);
  useEffect(() => {
    let outdated = false;
    const timer = setTimeout(() => {
      void patientClient()
        .leaveRunning(desk, need, running, read)
        .then((left) => {
          if (!outdated) setWorked({ desk, running, read, left });
        });
    }, QUIET_MS);
    return () => {
      outdated = true;
      clearTimeout(timer);
    };
  }, [desk, need, running, read]);
  const known = worked?.desk === desk && worked.running === running && worked.read === read;
  return known ? worked.left : null;
}

export const BatteryRunContext = createContext<LeftRunning | null>(null);

export function useBatteryRun(): LeftRunning | null {
  return useContext(BatteryRunContext);
}
