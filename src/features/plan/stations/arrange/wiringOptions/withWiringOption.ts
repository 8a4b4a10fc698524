import { freshCell } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import type { BatteryCandidate } from '@/core/work/search/plannerTypes';
import { planCellWithPairs } from '@/core/work/judging/planEdits';

/** The plan with a way laid out: its counts, its pairs in one body, and its recipe where it is another one. */
export function withWiringOption(plan: Plan, candidate: BatteryCandidate, ownCell: boolean): Plan {
  const { cellsInSeries, strings, pairsPerBody, cell } = candidate;
  const arrangement = { kind: 'own', cellsInSeries, strings } as const;
  if (ownCell) return { ...plan, arrangement, cell: planCellWithPairs(plan.cell, pairsPerBody) };
  const size = pairsPerBody === 1 ? null : cell.size;
  return { ...plan, arrangement, cell: { ...freshCell(cell.recipe.id, cell.body.id), size } };
}
