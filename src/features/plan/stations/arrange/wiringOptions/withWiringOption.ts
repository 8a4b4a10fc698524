import { RECIPES } from '@/core/physics/chemistry/recipes';
import { freshCell } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { recipeOfFamily } from '@/core/work/planning/plannerSupply';
import type { BatteryCandidate } from '@/core/work/planning/plannerTypes';
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
        ...freshCell(
          recipe,
          candidate.family.made?.bodyId ?? RECIPES[recipe].bodies[0]?.id ?? plan.cell.body,
        ),
        size: pairsPerBody === 1 ? null : { ...RECIPES[recipe].usualSize, pairs: pairsPerBody },
      },
    };
  }
  return { ...plan, arrangement, cell: withPairs(plan.cell, pairsPerBody) };
}
