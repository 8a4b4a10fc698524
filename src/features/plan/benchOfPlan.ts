import { cellAmpsAt } from '@/core/chemistry/cellAmpsAt';
import { CLASS_SCATTER } from '@/core/chance/scatter';
import { CURRENT_RANGE_FACTS, suitableRange } from '@/core/circuit/meter';
import { placesOfString } from '@/core/desk/placesOfString';
import { benchRows, type BenchRow } from '@/core/diagnosis/judgeReadings';
import type { Plan } from '@/core/plan/planSchema';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';

/** The bench table of a plan: expected values from its first string as it is meant, readings from its record. */
export function benchOfPlan(plan: Plan, { cell, desk }: PlanEvaluation): BenchRow[] {
  const range = plan.cell.own?.shortCircuit?.meterRange ?? suitableRange(cellAmpsAt(cell.model, 0));
  const { shuntOhms } = CURRENT_RANGE_FACTS[range];
  const { places, firstCell } = placesOfString(desk, 0);
  const resistanceOhms = firstCell.resistanceOhms + shuntOhms;
  return benchRows({
    places,
    shortAmps: cellAmpsAt({ ...firstCell, resistanceOhms }, 0),
    readings: plan.readings,
    voltsShare: CLASS_SCATTER.emfShare,
    ampsLog: CLASS_SCATTER.resistanceLog,
  });
}
