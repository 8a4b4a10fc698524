import { RECIPES } from '@/core/physics/chemistry/recipes';
import type { Plan } from '@/core/records/plan/planSchema';
import { recipeOfFamily, type BatteryCandidate } from '@/core/work/planning/planBatteries';
import { withPairs } from '@/core/work/planning/planEdits';

/** The plan with a way laid out: its counts, its pairs in one body, and its recipe where it is another one. */
export function withWiringOption(plan: Plan, candidate: BatteryCandidate, ownCell: boolean): Plan {
  const { cellsInSeries, strings, pairsPerBody, family } = candidate;
  const arrangement = { kind: 'own', cellsInSeries, strings } as const;
  if (!ownCell) {
    const recipe = recipeOfFamily(family.id);
    return {
      ...plan,
      arrangement,
      cell: {
        recipe,
        ownRecipe: null,
        body: RECIPES[recipe].bodies[0]?.id ?? plan.cell.body,
        size: pairsPerBody === 1 ? null : { ...RECIPES[recipe].usualSize, pairs: pairsPerBody },
        own: null,
      },
    };
  }
  return { ...plan, arrangement, cell: withPairs(plan.cell, pairsPerBody) };
}
