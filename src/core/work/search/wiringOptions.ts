import type { Objective, PlannerOutcome } from './plannerTypes';
import { cellBuild } from '../../physics/recipes/cellBuild';
import { type RequirementBasis, requirementOfPlan } from './requirementOfPlan';
import { plannedCell } from '../../physics/readings/plannedCell';
import { z } from 'zod';
import { MAX_CELLS } from '../../physics/desk/limits';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import type { Plan } from '../../records/plan/planSchema';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import { partOfTarget } from '../parts/partOfTarget';
import { sharedOut } from '../parts/partStock';
import type { Prices } from '../parts/priceOfBill';

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
});

/** What the educator wants of the wiring options, beside that they work. */
export interface SearchLimits {
  readonly objective: Objective;
  /** Other recipes too, with their typical cells; otherwise the plan's cell only. */
  readonly everyRecipe: boolean;
  /** Most cells, e.g. one a pupil of the group. */
  readonly mostCells: number;
  readonly mostPrice: number | null;
}

export const SEARCH_DEFAULTS: SearchLimits = {
  objective: 'least-to-buy',
  everyRecipe: false,
  mostCells: PLANNER_DEFAULTS.mostCells,
  mostPrice: null,
};

const SHOWN = 12;

/** What of a plan decides which batteries meet its wish. */
export type WiringQuestion = RequirementBasis & Pick<Plan, 'cell' | 'meter'>;

/** Batteries that meet the plan's wish, best first by the objective, and why other recipes do not. */
export function wiringOptionsOf(
  plan: WiringQuestion,
  limits: SearchLimits,
  prices: Prices,
): PlannerOutcome {
  const own = cellOfPlan(plan);
  const others = RECIPE_IDS.filter((id) => id !== own.recipe.id).map((id) => {
    const recipe = RECIPES[id];
    return plannedCell(cellBuild(recipe, recipe.bodies[0]), own.celsius);
  });
  const { objective, everyRecipe, mostCells, mostPrice } = limits;
  return planBatteries({
    ...requirementOfPlan(plan),
    cells: everyRecipe ? [own, ...others] : [own],
    objective,
    supply: {
      prices,
      have: plan.have === null ? null : sharedOut(plan.have, plan.batteries),
      load: partOfTarget(plan.target),
    },
    mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mayCut: plan.cell.piece === null && own.belief.cellsRead === 0,
    mostPrice,
    mostCandidates: SHOWN,
  });
}
