import type { CellFamily } from '../chemistry/family';
import type { Load } from '../circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { ageingCellOf } from './ageingOfFamily';
import { discharge, type DischargeOutcome } from './discharge';
import type { Wrap } from './drying';

export interface GridRun {
  readonly family: CellFamily;
  readonly pairsPerBody: number;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly load: Load;
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  readonly celsius: number;
  readonly atSeconds: readonly number[];
  readonly leastAmps: number;
}

/** A grid of equal cells running down into a load. */
export function dischargeOfGrid(run: GridRun): DischargeOutcome {
  const cell = ageingCellOf(run.family, run);
  const string = Array.from({ length: run.cellsInSeries }, () => cell);
  return discharge({
    strings: Array.from({ length: run.strings }, () => string),
    load: run.load,
    thermalVolts: ROOM_THERMAL_VOLTS,
    seconds: Math.max(...run.atSeconds),
    atSeconds: [...run.atSeconds].sort((a, b) => a - b),
    leastAmps: run.leastAmps,
  });
}
