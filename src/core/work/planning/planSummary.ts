import type { Piece } from '../../physics/chemistry/pieces';
import type { CellLook, Material } from '../../physics/chemistry/recipe';
import type { Plan, PlanTarget } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf, type Verdict } from './verdict';

/** A plan at a glance: enough to draw it small and to say what it will do. */
export interface PlanSummary {
  readonly title: string;
  readonly lessonDate: string | null;
  readonly verdict: Verdict;
  readonly look: CellLook;
  readonly plus: Material;
  readonly minus: Material;
  readonly bodyId: string;
  readonly piece: Piece;
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
    look: cell.recipe.look,
    plus: cell.recipe.plus.material,
    minus: cell.recipe.minus.material,
    bodyId: cell.body.id,
    piece: cell.piece,
    bodyName: cell.body.name,
    target: plan.target,
    cellsInSeries: wiring.cellsInSeries,
    strings: wiring.strings,
  };
}
