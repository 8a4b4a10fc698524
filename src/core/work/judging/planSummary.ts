import { type CellLooks, looksOfCell } from '../../physics/desk/drawing/cellShapes';
import type { Plan, PlanTarget } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf, type Verdict } from './verdict';

/** A plan at a glance: enough to draw it small and to say what it will do. */
export interface PlanSummary {
  readonly title: string;
  readonly lessonDate: string | null;
  readonly verdict: Verdict;
  readonly looks: CellLooks;
  readonly bodyName: string;
  readonly target: PlanTarget;
  readonly cellsInSeries: number;
  readonly strings: number;
}

export function summaryOfPlan(plan: Plan): PlanSummary {
  const evaluation = evaluatePlan(plan);
  const { cell, wiring } = evaluation;
  return {
    title: plan.title,
    lessonDate: plan.lessonDate,
    verdict: verdictOf(evaluation),
    looks: looksOfCell(cell),
    bodyName: cell.body.name,
    target: plan.target,
    cellsInSeries: wiring.cellsInSeries,
    strings: wiring.strings,
  };
}
