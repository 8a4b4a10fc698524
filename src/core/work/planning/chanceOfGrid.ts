import { gridShape } from '../../physics/chance/drawnBattery';
import { chanceOfClasses } from '../../physics/chance/simulateClasses';
import type { CellModel } from '../../physics/chemistry/cellModel';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';

/** How many classes are simulated, and the seed that makes the answer the same each time. */
export const CHANCE_DEFAULTS = { classes: 600, seed: 20 } as const;

/** So many cells are drawn for one chance: in a large battery each class is more like the next, and fewer of them do. */
const MOST_DRAWN = 15_000;
const LEAST_CLASSES = 200;

/** The simulation for a battery of so many cells. */
export function usualRun(cells: number): { readonly classes: number; readonly seed: number } {
  const { classes, seed } = CHANCE_DEFAULTS;
  const enough = Math.round(MOST_DRAWN / cells);
  return { classes: Math.min(classes, Math.max(LEAST_CLASSES, enough)), seed };
}

/** What has been worked out for a cell: a search asks nearly half of it again. */
const KNOWN = new WeakMap<CellModel, Map<string, number>>();

/** Chance that a grid of equal cells, each with its whole curve, works in class. */
export function chanceOfGrid(
  cell: CellModel,
  need: LoadRequirement,
  cellsInSeries: number,
  strings: number,
  run: { readonly classes: number; readonly seed: number } = usualRun(cellsInSeries * strings),
): number {
  const known = KNOWN.get(cell) ?? new Map<string, number>();
  KNOWN.set(cell, known);
  const { load, amps: wantedAmps } = need;
  const key = JSON.stringify([load, wantedAmps, cellsInSeries, strings, run.classes, run.seed]);
  const chance =
    known.get(key) ??
    chanceOfClasses({
      battery: gridShape(cell, cellsInSeries, strings),
      load,
      wantedAmps,
      thermalVolts: ROOM_THERMAL_VOLTS,
      ...run,
    });
  known.set(key, chance);
  return chance;
}
