import type { Plan, PlanTarget } from '../plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf, type Verdict } from './verdict';

/** A plan at a glance: enough to draw it small and to say what it will do. */
export interface PlanSummary {
  readonly title: string;
  readonly lessonDate: string | null;
  readonly verdict: Verdict;
  readonly drawing: 'fruit' | 'pile' | 'cup';
  readonly bodyId: string;
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
    drawing: cell.recipe.drawing,
    bodyId: cell.body.id,
    bodyName: cell.body.name,
    target: plan.target,
    cellsInSeries: wiring.cellsInSeries,
    strings: wiring.strings,
  };
}
