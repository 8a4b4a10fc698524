import { cellAmpsAt } from '@/core/chemistry/cellAmpsAt';
import { CLASS_SCATTER } from '@/core/chance/scatter';
import { CURRENT_RANGE_FACTS, type CurrentRange } from '@/core/circuit/meter';
import { benchRows, type BenchRow } from '@/core/diagnosis/judgeReadings';
import type { Plan } from '@/core/plan/planSchema';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';

/** Range that short-circuit currents are expected on when the plan names none. */
export const USUAL_RANGE: CurrentRange = '20 mA';

/** The bench table of a plan: expected values from its cell, readings from its record. */
export function benchOfPlan(plan: Plan, { cell, wiring }: PlanEvaluation): BenchRow[] {
  const { emfVolts, resistanceOhms } = cell.model;
  const { shuntOhms } = CURRENT_RANGE_FACTS[plan.cell.own?.meterRange ?? USUAL_RANGE];
  return benchRows({
    emfVolts,
    shortAmps: cellAmpsAt({ ...cell.model, resistanceOhms: resistanceOhms + shuntOhms }, 0),
    ceilingVolts: cell.recipe.ceilingVolts,
    cellsInSeries: wiring.cellsInSeries,
    readings: plan.readings,
    voltsShare: CLASS_SCATTER.emfShare,
    ampsLog: CLASS_SCATTER.resistanceLog,
  });
}
