import type { Spread } from '../../physics/readings/cellBelief';
import { reachOf, type Measurement } from '../../records/logbook/measurement';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import type { SpecItem } from '../../physics/circuit/faults/batterySpec';
import { isLedLoad, type Load } from '../../physics/circuit/load/load';
import type { ClassMeter } from '../../physics/instruments/classMeter';
import { cellsOf, specOf, withoutFaults } from '../../physics/desk/desk';
import type { PlanEvaluation } from '../judging/evaluatePlan';

/** A battery as it is meant, for the fault finder: nothing wrong with it. */
export interface NominalBattery {
  readonly strings: readonly (readonly SpecItem[])[];
  readonly load: Load;
  /** Current above which the device is seen to run, amperes. */
  readonly runsFromAmps: number;
  /** How far the class's cells may differ together from these. */
  readonly level: Spread;
  /** Wet rims and drips happen in piles only. */
  readonly pile: boolean;
  /** Pairs can share a body only where the body is one piece that holds several. */
  readonly bodies: boolean;
  /** The meter that it is read with. */
  readonly meter: ClassMeter;
  /** Whether the device works one way round only. */
  readonly isPolarised: boolean;
}

/** Whether the battery has the place that was read: readings of others are left out. */
export function belongsToBattery(
  { strings }: Pick<NominalBattery, 'strings'>,
  measurement: Measurement,
): boolean {
  if (!('string' in measurement)) return true;
  return reachOf(measurement) <= (strings[measurement.string - 1]?.length ?? 0);
}

/** Share of its wanted current from which a device is seen to run (from memory). */
const RUNS_FROM_SHARE = 0.5;

/** Current from which a load is seen to light or run, amperes. */
export function runsFromAmps({ load, amps }: Pick<LoadRequirement, 'load' | 'amps'>): number {
  return isLedLoad(load) ? BRIGHTNESS_FROM_AMPS.glimmer : RUNS_FROM_SHARE * amps;
}

export function nominalBatteryOf({
  desk,
  need,
  cell,
  basis,
}: Pick<PlanEvaluation, 'desk' | 'need' | 'cell' | 'basis'>): NominalBattery {
  const sound = withoutFaults(desk);
  const cells = cellsOf(desk);
  return {
    strings: specOf(sound).strings,
    load: need.load,
    runsFromAmps: runsFromAmps(need),
    level: cell.belief.level,
    pile: cells.some(({ recipe }) => recipe.look === 'pile'),
    bodies: cells.some(({ recipe }) => recipe.look === 'fruit' || recipe.look === 'cup'),
    meter: basis.meter,
    isPolarised: isLedLoad(need.load),
  };
}
