import type { Objective, PlannerOutcome } from './plannerTypes';
import { type RequirementBasis, requirementOfPlan } from './requirementOfPlan';
import * as z from 'zod/mini';
import { MAX_CELLS } from '../../physics/desk/limits';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import type { Plan } from '../../records/plan/planSchema';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import { loadParts } from '../parts/partOfTarget';
import { sharedOut } from '../parts/partStock';
import type { Prices } from '../parts/priceOfBill';

const count = (least: number, most: number) => {
  const words = `Give a whole number from ${least} to ${most}.`;
  return z.int(words).check(z.minimum(least, words), z.maximum(most, words));
};

/** Limits that are typed in. */
export const searchLimitsSchema = z.strictObject({
  mostCells: count(1, MAX_CELLS),
  mostPrice: z.nullable(
    z
      .number('Give a price.')
      .check(
        z.positive('The price must be greater than zero.'),
        z.maximum(10_000, 'Give at most 10000.'),
      ),
  ),
});

/** What the educator wants of the wiring options, beside that they work. */
export interface SearchLimits {
  readonly objective: Objective;
  /** Most cells, e.g. one a pupil of the group. */
  readonly mostCells: number;
  readonly mostPrice: number | null;
}

export const SEARCH_DEFAULTS: SearchLimits = {
  objective: 'least-to-buy',
  mostCells: PLANNER_DEFAULTS.mostCells,
  mostPrice: null,
};

const SHOWN = 12;

/** What of a plan decides which batteries meet its wish. */
export type WiringQuestion = RequirementBasis & Pick<Plan, 'cell' | 'meter'>;

/** Batteries of the plan's cell that meet its wish, best first by the objective, or why there is none. */
export function wiringOptionsOf(
  plan: WiringQuestion,
  limits: SearchLimits,
  prices: Prices,
): PlannerOutcome {
  const own = cellOfPlan(plan);
  const { objective, mostCells, mostPrice } = limits;
  return planBatteries({
    ...requirementOfPlan(plan),
    cells: [own],
    objective,
    supply: {
      prices,
      have: plan.have === null ? null : sharedOut(plan.have, plan.batteries),
      load: loadParts(plan.target),
    },
    mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mayCut: plan.cell.piece === null && own.belief.cellsRead === 0,
    mostPrice,
    mostCandidates: SHOWN,
  });
}
