import { cellAmpsAt } from '@/core/chemistry/cellAmpsAt';
import { CLASS_SCATTER } from '@/core/chance/scatter';
import { CURRENT_RANGE_FACTS, suitableRange } from '@/core/circuit/meter';
import { benchRows, type BenchRow } from '@/core/diagnosis/judgeReadings';
import type { Plan } from '@/core/plan/planSchema';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';

/** The bench table of a plan: expected values from its cell, readings from its record. */
export function benchOfPlan(plan: Plan, { cell, wiring }: PlanEvaluation): BenchRow[] {
  const { emfVolts, resistanceOhms } = cell.model;
  const range = plan.cell.own?.shortCircuit?.meterRange ?? suitableRange(cellAmpsAt(cell.model, 0));
  const { shuntOhms } = CURRENT_RANGE_FACTS[range];
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
