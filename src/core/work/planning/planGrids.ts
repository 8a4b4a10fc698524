import type { CellModel } from '../../physics/chemistry/cellModel';
import { REFUSED_ABOVE_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { chanceOfGrid } from './chanceOfGrid';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { gridsFor, type Grid } from './gridsFor';
import { oneSigmaWeakCell } from './oneSigmaWeakCell';

/** A wiring that meets the target. */
export interface GridCandidate extends Grid {
  /** Share of simulated classes in which it works. */
  readonly chance: number;
}

export type GridPlan =
  | {
      readonly status: 'possible';
      readonly suggested: GridCandidate;
      /** Other lengths of string, fewest cells first; holds the suggested one too. */
      readonly candidates: readonly GridCandidate[];
    }
  | {
      readonly status: 'impossible';
      /** What runs out: the voltage would pass the safe limit, or the current takes too many cells. */
      readonly limit: 'volts' | 'amps';
      /** Fewest cells that would do it, however many; `null` where the safe voltage is not enough. */
      readonly cellsNeeded: number | null;
    };

export const PLANNING_DEFAULTS = {
  /** Share of classes from which a wiring is recommended. */
  recommendedFrom: 0.95,
  /** Share of classes from which it is shown as marginal. */
  marginalFrom: 0.8,
  /** Largest battery the planner proposes: about three cells a pupil in a class of thirty. */
  mostCells: 100,
  candidates: 5,
} as const;

/** How many times a candidate whose chance is too small gets one more string. */
const MAX_ADDED_STRINGS = 4;

/**
 * Wirings of equal cells that meet a target with margin: for each length of string the least number of strings with
 * which even a weak class (every cell one standard deviation short in volts and in resistance) reaches the wanted
 * current. With `m·E ≈ 2·V` the number of cells is least, which is where a linear source gives most into a load that
 * holds the voltage V.
 */
export function planGrids(cell: CellModel, need: LoadRequirement): GridPlan {
  const longest = Math.min(LONGEST_STRING, Math.floor(REFUSED_ABOVE_VOLTS / cell.emfVolts));
  const lengths = gridsFor(oneSigmaWeakCell(cell), need, { longest });
  const cellsNeeded = Math.min(...lengths.map(({ cells }) => cells));
  if (lengths.length === 0) return { status: 'impossible', limit: 'volts', cellsNeeded: null };
  const found = surestOfEach(cell, need, lengths);
  const [suggested] = found;
  if (suggested === undefined) return { status: 'impossible', limit: 'amps', cellsNeeded };
  return { status: 'possible', suggested, candidates: found };
}

function surestOfEach(
  cell: CellModel,
  need: LoadRequirement,
  lengths: readonly Grid[],
): GridCandidate[] {
  const byCells = lengths
    .filter(({ cells }) => cells <= PLANNING_DEFAULTS.mostCells)
    .sort((a, b) => a.cells - b.cells)
    .slice(0, PLANNING_DEFAULTS.candidates);
  return byCells
    .flatMap(({ cellsInSeries, strings }) => sureCandidate(cell, need, cellsInSeries, strings))
    .sort((a, b) => a.cells - b.cells || b.chance - a.chance);
}

function sureCandidate(
  cell: CellModel,
  need: LoadRequirement,
  cellsInSeries: number,
  least: number,
): GridCandidate[] {
  for (let strings = least; strings <= least + MAX_ADDED_STRINGS; strings += 1) {
    const cells = cellsInSeries * strings;
    if (cells > Math.min(PLANNING_DEFAULTS.mostCells, MAX_CELLS)) return [];
    const { chance } = chanceOfGrid(cell, need, cellsInSeries, strings);
    if (chance >= PLANNING_DEFAULTS.recommendedFrom) {
      return [{ cellsInSeries, strings, cells, chance }];
    }
  }
  return [];
}
