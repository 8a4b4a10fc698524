import { z } from 'zod';
import { MAX_CELLS } from '../../physics/desk/limits';
import { FAMILIES, familyOf } from '../../physics/chemistry/families';
import { geometryOf } from '../../physics/chemistry/electrodeSize';
import { RECIPE_IDS, type RecipeId } from '../../physics/chemistry/recipe';
import { RECIPES } from '../../physics/chemistry/recipes';
import { chemistryWith, type PlannedCell } from '../../physics/chemistry/plannedCell';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import {
  batteryOf,
  comparisonOf,
  planBatteries,
  PLANNER_DEFAULTS,
  type BatteryCandidate,
  type Objective,
  type PlannerFamily,
  type PlannerOutcome,
  type Stock,
} from './planBatteries';
import { planGrids } from './planGrids';

const count = (least: number, most: number) => {
  const words = `Give a whole number from ${least} to ${most}.`;
  return z.number(words).int(words).min(least, words).max(most, words);
};

/** Limits that are typed in. */
export const searchLimitsSchema = z.strictObject({
  mostCells: count(1, MAX_CELLS),
  mostPrice: z
    .number('Give a price.')
    .positive('The price must be greater than zero.')
    .max(10_000, 'Give at most 10000.')
    .nullable(),
  stock: z.strictObject({ bodies: count(0, 1000).nullable(), pairs: count(0, 1000).nullable() }),
});

/** What the educator wants of the wiring options, beside that they work. */
export interface SearchLimits {
  readonly objective: Objective;
  /** Other recipes too, with their typical cells; otherwise the plan's cell only. */
  readonly everyRecipe: boolean;
  /** Most cells, e.g. one a pupil of the group. */
  readonly mostCells: number;
  readonly mostPrice: number | null;
  /** What there is at most; `null` where there is enough. */
  readonly stock: Stock;
}

export const SEARCH_DEFAULTS: SearchLimits = {
  objective: 'fewest-cells',
  everyRecipe: false,
  mostCells: PLANNER_DEFAULTS.mostCells,
  mostPrice: null,
  stock: { bodies: null, pairs: null },
};

const SHOWN = 12;

/**
 * Batteries that meet the plan's wish, best first by the objective, and why other families do not. Among them are the
 * surest wirings of the plan's cell as it is, one of which the plan follows.
 */
export function wiringOptionsOf(
  cell: PlannedCell,
  size: Plan['cell']['size'],
  need: LoadRequirement,
  wish: SearchLimits,
): PlannerOutcome {
  const own = familyOfPlan(cell, size);
  const others = FAMILIES.filter(({ id }) => id !== own.id);
  const { candidates, impossible } = planBatteries({
    families: wish.everyRecipe ? [own, ...others] : [own],
    need,
    objective: wish.objective,
    stock: wish.stock,
    mostCells: wish.mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mostPrice: wish.mostPrice,
    mostCandidates: SHOWN,
  });
  const sure = cell.recipe.restricted ? [] : surest(cell, own, size?.pairs ?? 1, need, wish);
  const found = [...sure, ...candidates.filter((one) => !sure.some((other) => alike(one, other)))];
  return { candidates: found.sort(comparisonOf(wish.objective)).slice(0, SHOWN), impossible };
}

/** Wirings that work in nearly every class, within the limits. */
function surest(
  cell: PlannedCell,
  family: PlannerFamily,
  pairsPerBody: number,
  need: LoadRequirement,
  { mostCells, mostPrice, stock }: SearchLimits,
): BatteryCandidate[] {
  const grids = planGrids(cell.model, need);
  if (grids.status === 'impossible') return [];
  return grids.candidates
    .map(({ cellsInSeries, strings }) =>
      batteryOf(family, { cellsInSeries, strings, pairsPerBody }, need),
    )
    .filter(
      ({ cells, pairs, price }) =>
        cells <= Math.min(mostCells, stock.bodies ?? Infinity) &&
        pairs <= (stock.pairs ?? Infinity) &&
        price <= (mostPrice ?? Infinity),
    );
}

function alike(one: BatteryCandidate, other: BatteryCandidate): boolean {
  return (
    one.family.id === other.family.id &&
    one.cellsInSeries === other.cellsInSeries &&
    one.strings === other.strings &&
    one.pairsPerBody === other.pairsPerBody
  );
}

/** The plan's cell as the planner takes families: its own chemistry and size, or its own readings. */
export function familyOfPlan(cell: PlannedCell, size: Plan['cell']['size']): PlannerFamily {
  const family = familyOf(cell.recipe.family);
  const usual = cell.recipe.physics.geometry;
  const planned: PlannerFamily = {
    ...family,
    name: cell.recipe.name,
    chemistry: chemistryWith(cell.recipe, cell.body),
    geometry: size === null ? usual : geometryOf(size, usual.contactOhms),
  };
  return cell.own?.status === 'used' ? { ...planned, measured: cell.own.model } : planned;
}

/** The shipped recipe of a family. */
export function recipeOfFamily(id: PlannerFamily['id']): RecipeId {
  const found = RECIPE_IDS.find((recipe) => RECIPES[recipe].family === id);
  if (found === undefined) throw new Error(`no recipe of the family ${id}`);
  return found;
}
