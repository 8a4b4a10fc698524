import type { Desk } from '../../physics/desk/desk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { fitRun, type RunFit } from './fitRun';
import type { ReadPoint } from './readInTime';
import { runBattery, type BatteryRun } from './runBattery';
import type { Running } from '../../records/plan/runningSchema';

/** The battery left running: as it is calculated, and refitted where enough was read over time. */
export interface LeftRunning {
  /** The run that counts: refitted where it was refitted. */
  readonly run: BatteryRun;
  readonly fit: RunFit | null;
  /** The run before it was refitted; `null` where it was not. */
  readonly before: BatteryRun | null;
}

/** Own readings beat tables: three and more readings at the device over time move the whole course. */
export function leaveRunning(
  desk: Desk,
  need: LoadRequirement,
  running: Running,
  read: readonly ReadPoint[],
): LeftRunning {
  const before = runBattery(desk, need, running);
  const fit = fitRun(desk, need, running, read);
  return fit === null
    ? { run: before, fit, before: null }
    : { run: runBattery(desk, need, running, fit.factors), fit, before };
}
