import { z } from 'zod';
import { MAX_CELLS } from '../../physics/desk/limits';
import { cellInWarmth } from '../../physics/chemistry/cellInWarmth';
import { familyOf } from '../../physics/chemistry/families';
import { RECIPE_IDS } from '../../physics/chemistry/recipe';
import { bodyOf, RECIPES } from '../../physics/chemistry/recipes';
import {
  chemistryWith,
  electrolyteShareOf,
  geometryWith,
  type PlannedCell,
} from '../../physics/chemistry/plannedCell';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import type { Objective, PlannerFamily, PlannerOutcome, PlannerWish } from './plannerTypes';
import type { WishBasis } from './evaluatePlan';
import { plannerFamily } from './plannerFamily';
import { limitOfTarget } from './seriesResistor';
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
  objective: 'fewest-cells',
  everyRecipe: false,
  mostCells: PLANNER_DEFAULTS.mostCells,
  mostPrice: null,
};

const SHOWN = 12;

/** What of a plan decides which batteries meet its wish. */
export type WiringQuestion = WishBasis & Pick<Plan, 'meter'>;

/** Batteries that meet the plan's wish, best first by the objective, and why other families do not. */
export function wiringOptionsOf(
  plan: WiringQuestion,
  wish: SearchLimits,
  prices: Prices,
): PlannerOutcome {
  const own = familyOfPlan(cellOfPlan(plan), plan.cell);
  const others = RECIPE_IDS.map((id) => RECIPES[id])
    .filter(({ family }) => family !== own.id)
    .map((recipe) => plannerFamily(recipe, bodyOf(recipe, '')));
  const { objective, everyRecipe, mostCells, mostPrice } = wish;
  return planBatteries({
    ...wishOfPlan(plan),
    families: everyRecipe ? [own, ...others] : [own],
    objective,
    // What there is of each part stands in the supply.
    stock: { bodies: null, pairs: null },
    supply: {
      prices,
      have: plan.have === null ? null : sharedOut(plan.have, plan.batteries),
      load: partOfTarget(plan.target),
    },
    mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mostPrice,
    mostCandidates: SHOWN,
  });
}

/** What a plan asks of any battery. */
export function wishOfPlan({
  target,
  minutes,
  running,
  seriesResistor,
}: Pick<Plan, 'target' | 'minutes' | 'running' | 'seriesResistor'>): PlannerWish {
  return {
    need: requirementOf(target, running.celsius),
    limit: limitOfTarget(target),
    resistor: seriesResistor,
    minutes,
    running,
  };
}

/** The plan's cell as the planner takes families: its own chemistry and size, or its own readings. */
export function familyOfPlan(
  cell: PlannedCell,
  { size, overhangMillimetres }: Pick<Plan['cell'], 'size' | 'overhangMillimetres'>,
): PlannerFamily {
  const { recipe, body, piece, own, celsius } = cell;
  const planned: PlannerFamily = {
    ...familyOf(recipe.family),
    name: recipe.name,
    chemistry: chemistryWith(recipe, body),
    geometry: geometryWith(recipe, size, piece),
    liquid: body.liquid,
    made: {
      recipe,
      bodyId: body.id,
      piece,
      size: size ?? recipe.usualSize,
      overhangMillimetres,
    },
  };
  return own?.status === 'used'
    ? {
        ...planned,
        measured: cellInWarmth(own.model, electrolyteShareOf(recipe, body, size, piece), celsius),
      }
    : planned;
}
