'use client';

import { createContext, useContext, useEffect, useState } from 'react';
import type { Desk } from '@/core/desk/desk';
import type { BatteryRun } from '@/core/running/runBattery';
import type { Running } from '@/core/running/runningSchema';
import { patientClient } from '@/workers/plannerClient';
import { usePlan, usePlanContext } from './PlanProvider';

/** Rest after an edit before the run is worked out, milliseconds: the edit itself comes first. */
const QUIET_MS = 350;

interface Worked {
  readonly desk: Desk;
  readonly running: Running;
  readonly run: BatteryRun;
}

/** The battery left running, worked out in the worker; `null` until it is known for the plan as it stands. */
export function useWorkedRun(): BatteryRun | null {
  const { running } = usePlan();
  const { desk, need } = usePlanContext().evaluation;
  const [worked, setWorked] = useState<Worked | null>(null);
  useEffect(() => {
    let outdated = false;
    const timer = setTimeout(() => {
      void patientClient()
        .runBattery(desk, need, running)
        .then((run) => {
          if (!outdated) setWorked({ desk, running, run });
        });
    }, QUIET_MS);
    return () => {
      outdated = true;
      clearTimeout(timer);
    };
  }, [desk, need, running]);
  return worked?.desk === desk && worked.running === running ? worked.run : null;
}

export const BatteryRunContext = createContext<BatteryRun | null>(null);

export function useBatteryRun(): BatteryRun | null {
  return useContext(BatteryRunContext);
}
