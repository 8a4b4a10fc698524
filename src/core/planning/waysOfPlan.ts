import { FAMILIES, familyOf } from '../chemistry/families';
import { geometryOf } from '../chemistry/electrodeSize';
import { RECIPE_IDS, type RecipeId } from '../chemistry/recipe';
import { RECIPES } from '../chemistry/recipes';
import { chemistryWith, type PlannedCell } from '../plan/cellOfPlan';
import type { TargetNeed } from '../plan/needOfTarget';
import type { Plan } from '../plan/planSchema';
import {
  planBatteries,
  PLANNER_DEFAULTS,
  type Objective,
  type PlannerFamily,
  type PlannerInput,
  type PlannerOutcome,
} from './planBatteries';

/** What the educator wants of the ways, beside that they work. */
export interface WaysWish {
  readonly objective: Objective;
  /** Other recipes too, with their typical cells; otherwise the plan's cell only. */
  readonly everyRecipe: boolean;
  /** Most cells, e.g. one a pupil of the group. */
  readonly mostCells: number;
  readonly mostPrice: number | null;
}

export const WAYS_DEFAULTS: WaysWish = {
  objective: 'fewest-cells',
  everyRecipe: false,
  mostCells: PLANNER_DEFAULTS.mostCells,
  mostPrice: null,
};

const SHOWN = 12;

/** Batteries that meet the plan's wish, best first by the objective, and why other families do not. */
export function waysOfPlan(
  cell: PlannedCell,
  size: Plan['cell']['size'],
  need: TargetNeed,
  wish: WaysWish,
): PlannerOutcome {
  const own = familyOfPlan(cell, size);
  const others = FAMILIES.filter(({ id }) => id !== own.id);
  const input: PlannerInput = {
    families: wish.everyRecipe ? [own, ...others] : [own],
    need,
    objective: wish.objective,
    stock: { bodies: null, pairs: null },
    mostCells: wish.mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mostPrice: wish.mostPrice,
    mostCandidates: SHOWN,
  };
  return planBatteries(input);
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
