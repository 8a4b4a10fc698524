import { groupName } from '../groupNames';
import { kitOfPlan, type Kit } from '../kitOfPlan';
import { lessonPhases, type LessonCourse } from '../lessonPhases';
import { meterQueue, type MeterQueue } from '../meterQueue';
import { cautionsOfPlan, safetyGate, type PlacedCaution, type SafetyGate } from '../safetyOfPlan';
import { shoppingList, type ShoppingList } from '../shoppingList';
import type { CupboardState } from '../cupboardSchema';
import type { Plan } from '../../plan/planSchema';
import type { PlanEvaluation } from '../../planning/evaluatePlan';

/** Everything that is worked out about a lesson from plan and cupboard; screens and sheets read the same. */
export interface LessonFacts {
  readonly plan: Plan;
  readonly evaluation: PlanEvaluation;
  readonly cupboard: CupboardState;
  readonly kit: Kit;
  readonly shopping: ShoppingList;
  readonly queue: MeterQueue;
  readonly course: LessonCourse;
  readonly cautions: readonly PlacedCaution[];
  readonly gate: SafetyGate;
  readonly groupNames: readonly string[];
}

export function lessonFacts(
  plan: Plan,
  evaluation: PlanEvaluation,
  cupboard: CupboardState,
): LessonFacts {
  const { lesson } = plan;
  const kit = kitOfPlan(plan, evaluation);
  const queue = meterQueue(lesson.groups, lesson.meters, lesson.mostWaitMinutes);
  return {
    plan,
    evaluation,
    cupboard,
    kit,
    shopping: shoppingList(kit, cupboard, lesson.pupils),
    queue,
    course: lessonPhases(kit, queue, evaluation.cell.recipe.minutesToBuild, lesson.minutes),
    cautions: cautionsOfPlan(evaluation, kit),
    gate: safetyGate(plan, evaluation),
    groupNames: Array.from({ length: lesson.groups }, (_, index) => groupName(index)),
  };
}
