import { REFUSED_ABOVE_VOLTS } from '../../constants';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { endAtRest, type CellEndsAt } from './batteryInTime';
import {
  gridsFor,
  modelAtEnd,
  searchGrids,
  secondsOf,
  weakCell,
  type GridCandidate,
  type GridRequirement,
} from './searchGrids';

export type GridPlan =
  | {
      readonly status: 'possible';
      /** The smallest that is recommended; where none is, the smallest that may do. */
      readonly suggested: GridCandidate;
    }
  | {
      readonly status: 'impossible';
      /** What runs out: the voltage would pass the safe limit, or the current takes too many cells. */
      readonly limit: 'volts' | 'amps';
      /** Fewest cells that would do it, however many; `null` where the safe voltage is not enough. */
      readonly cellsNeeded: number | null;
    }
  /** No cell lasts as long as is wanted. */
  | { readonly status: 'impossible'; readonly limit: 'time'; readonly ends: CellEndsAt };

export const PLANNING_DEFAULTS = {
  /** Share of classes from which a wiring is recommended. */
  recommendedFrom: 0.95,
  /** Share of classes from which it is shown as marginal. */
  marginalFrom: 0.8,
  /** Largest battery the planner proposes: about three cells a pupil in a class of thirty. */
  mostCells: 100,
} as const;

/** Longest string that is safe in class. */
export function longestString(emfVolts: number): number {
  return Math.min(LONGEST_STRING, Math.floor(REFUSED_ABOVE_VOLTS / emfVolts));
}

/**
 * The smallest battery of equal cells that meets a requirement for its whole time in nearly every class. With `m·E ≈ 2·V` the number
 * of cells is least, which is where a linear source gives most into a load that holds the voltage V.
 */
export function planGrids(asked: GridRequirement): GridPlan {
  const longest = longestString(asked.cell.model.emfVolts);
  const mostCells = Math.min(PLANNING_DEFAULTS.mostCells, MAX_CELLS);
  const { recommendedFrom, marginalFrom } = PLANNING_DEFAULTS;
  // Corrosion, drying and mould go on without a current too; a tall pile dries slowest.
  const ends = endAtRest(asked.cell, asked.running, longest);
  if (ends.seconds < secondsOf(asked)) return { status: 'impossible', limit: 'time', ends };
  // What the parts are enough for comes first; where nothing works with them, the smallest says what is missing.
  const supplies =
    asked.mostStrings === undefined ? [asked] : [asked, { ...asked, mostStrings: undefined }];
  for (const supplied of supplies) {
    for (const leastChance of [recommendedFrom, marginalFrom]) {
      const [suggested] = searchGrids(supplied, { longest, mostCells, leastChance, wanted: 1 });
      if (suggested !== undefined) return { status: 'possible', suggested };
    }
  }
  const weak = gridsFor(weakCell(modelAtEnd(asked, longest), asked.cell.belief.level), asked.need, {
    longest,
  });
  return weak.length === 0
    ? { status: 'impossible', limit: 'volts', cellsNeeded: null }
    : {
        status: 'impossible',
        limit: 'amps',
        cellsNeeded: Math.min(...weak.map(({ cells }) => cells)),
      };
}
