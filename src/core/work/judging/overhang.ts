import { rimLeakOhms } from '../../physics/cell/cellModel';
import type { Plan } from '../../records/plan/planSchema';
import { formatAmps, formatOhms, formatVolts } from '../../units';
import { evaluatePlan, type PlanEvaluation } from './evaluatePlan';
import { heldArrangement, keepingCell } from './planEdits';

/** What the rims of separators that stand out cost this battery; `null` where none does. */
export function overhangWords(plan: Plan, now: PlanEvaluation): string | null {
  const leak = rimLeakOhms(plan.cell.overhangMillimetres);
  if (leak === null) return null;
  const flush = evaluatePlan(
    keepingCell(plan, {
      ...plan,
      cell: { ...plan.cell, overhangMillimetres: 0 },
      arrangement: heldArrangement(plan, now.wiring),
    }),
  );
  const pair = (one: PlanEvaluation): string =>
    `${formatVolts(one.source.emfVolts)} with nothing connected and ${formatAmps(one.amps)}`;
  return `The wet rims leak about ${formatOhms(leak)} from layer to layer: ${pair(now)} instead of ${pair(flush)}.`;
}
