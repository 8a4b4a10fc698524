import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { Load } from '../circuit/load/load';
import { ageingCell, type CellSurroundings, type CellToAge } from './ageingCell';
import { discharge, type DischargeOutcome } from './discharge';

export interface GridRun extends CellSurroundings {
  readonly cell: CellToAge;
  readonly strings: number;
  readonly load: Load;
  readonly atSeconds: readonly number[];
  readonly leastAmps: number;
}

/** A grid of equal cells running down into a load. */
export function dischargeOfGrid(run: GridRun): DischargeOutcome {
  const cell = ageingCell(run.cell, run);
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
