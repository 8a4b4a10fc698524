import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { simulateClasses, type ClassesOutcome } from '../../physics/chance/simulateClasses';
import type { CellModel } from '../../physics/chemistry/cellModel';
import { gridCurve, linearizeAt } from '../../physics/circuit/battery/gridCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';

/** How many classes are simulated, and the seed that makes the answer the same each time. */
export const CHANCE_DEFAULTS = { classes: 600, seed: 20 } as const;

/**
 * Chance that a grid of equal cells works in class. A cell with a polarisation curve is taken as the straight line
 * that touches its curve where it works, scattered like an ideal source.
 */
export function chanceOfGrid(
  cell: CellModel,
  need: LoadRequirement,
  cellsInSeries: number,
  strings: number,
  { classes, seed }: { classes: number; seed: number } = CHANCE_DEFAULTS,
): ClassesOutcome {
  const point = operatingPoint(
    gridCurve(cell, cellsInSeries, strings),
    need.load,
    ROOM_THERMAL_VOLTS,
  );
  const amps = point.status === 'solved' ? point.amps / strings : 0;
  return simulateClasses({
    cell: linearizeAt(cell, amps),
    emfSpreadVolts: CLASS_SCATTER.emfShare * cell.emfVolts,
    cellsInSeries,
    strings,
    load: need.load,
    wantedAmps: need.amps,
    thermalVolts: ROOM_THERMAL_VOLTS,
    classes,
    seed,
  });
}
