import { REFUSED_ABOVE_VOLTS } from '../../constants';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { foodGramsOf } from '../../physics/recipes/cellBuild';
import { endAtRest, type CellEndsAt } from './batteryInTime';
import { compareLeast, type Taken } from './leastToBuy';
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
 * The battery of equal cells that takes least: the fewest bodies that meet a requirement for its whole time in nearly every class. With
 * `m·E ≈ 2·V` their number is least, which is where a linear source gives most into a load that holds the voltage V.
 */
export function planGrids(asked: GridRequirement): GridPlan {
  return leastOf([asked]).plan;
}

/** What takes least of several ways to build the cell: fewest bodies, then pairs, then leads, then food. */
export interface LeastToBuild {
  readonly asked: GridRequirement;
  readonly plan: GridPlan;
}

/** @param ways the cell as it may be built; the last is told of where none does. */
export function leastOf(ways: readonly [GridRequirement, ...GridRequirement[]]): LeastToBuild {
  const lasting = ways.filter((asked) => endsInTime(asked).seconds >= secondsOf(asked));
  const last = lasting.at(-1);
  if (last === undefined) {
    const asked = ways.at(-1) ?? ways[0];
    return { asked, plan: { status: 'impossible', limit: 'time', ends: endsInTime(asked) } };
  }
  const { recommendedFrom, marginalFrom } = PLANNING_DEFAULTS;
  // What the parts are enough for comes first; where nothing works with them, the smallest says what is missing.
  const supplies =
    last.mostStrings === undefined
      ? [lasting]
      : [lasting, lasting.map((asked) => ({ ...asked, mostStrings: undefined }))];
  for (const supplied of supplies) {
    for (const leastChance of [recommendedFrom, marginalFrom]) {
      const least = smallestOf(supplied, leastChance);
      if (least !== null) return least;
    }
  }
  return { asked: last, plan: whyImpossible(last) };
}

/** Corrosion, drying and mould go on without a current too; a tall pile dries slowest. */
function endsInTime({ cell, running }: GridRequirement): CellEndsAt {
  return endAtRest(cell, running, longestString(cell.model.emfVolts));
}

function smallestOf(
  ways: readonly GridRequirement[],
  leastChance: number,
): (LeastToBuild & { readonly plan: { readonly status: 'possible' } }) | null {
  let best: { readonly asked: GridRequirement; readonly suggested: GridCandidate } | null = null;
  // The more metal in each, the fewer bodies: what begins small leaves little to be looked at.
  for (const asked of [...ways].reverse()) {
    const longest = longestString(asked.cell.model.emfVolts);
    const mostCells = best?.suggested.cells ?? Math.min(PLANNING_DEFAULTS.mostCells, MAX_CELLS);
    const [suggested] = searchGrids(asked, { longest, mostCells, leastChance, wanted: 1 });
    if (suggested === undefined) continue;
    if (best === null || compareLeast(takenBy({ asked, suggested }), takenBy(best)) < 0) {
      best = { asked, suggested };
    }
  }
  return best === null
    ? null
    : { asked: best.asked, plan: { status: 'possible', suggested: best.suggested } };
}

function takenBy({
  asked: { cell },
  suggested: { cells, strings },
}: {
  readonly asked: GridRequirement;
  readonly suggested: GridCandidate;
}): Taken {
  const pairs = cells * cell.size.pairs;
  return { cells, pairs, strings, foodGrams: cells * foodGramsOf(cell) };
}

function whyImpossible(asked: GridRequirement): GridPlan {
  const longest = longestString(asked.cell.model.emfVolts);
  const cell = weakCell(modelAtEnd(asked, longest), asked.cell.belief.level);
  const weak = gridsFor(cell, asked.need, { longest });
  return weak.length === 0
    ? { status: 'impossible', limit: 'volts', cellsNeeded: null }
    : {
        status: 'impossible',
        limit: 'amps',
        cellsNeeded: Math.min(...weak.map(({ cells }) => cells)),
      };
}
