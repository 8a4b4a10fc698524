import { againWords, plusOfTarget } from '../../../records/plan/targetWords';
import { groupName } from '../groupNames';
import { kitOfPlan, type Kit } from '../kitOfPlan';
import type { LessonCourse, LessonPhase, PhaseId } from '../../lesson/lessonPhases';
import type { MeterQueue } from '../../lesson/meterQueue';
import type { MeasuringWay } from '../../../records/plan/lessonSchema';
import { wasteWords } from '../../../physics/recipes/waste';
import { cautionsOfPlan, type PlacedCaution } from '../cautionsOfPlan';
import type { SafetyGate } from '../../lesson/safetyGate';
import { cupboardOf } from '../takeOut';
import { shoppingList, type ShoppingList } from '../shoppingList';
import { withEntry, type CupboardState } from '../../../records/cupboard/cupboardSchema';
import { PART_IDS } from '../../../physics/recipes/parts';
import { isBatteryPart } from '../../parts/partStock';
import type { Plan } from '../../../records/plan/planSchema';
import type { PlanEvaluation } from '../../judging/evaluatePlan';

/** Everything that is worked out about a lesson from plan and cupboard; screens and sheets read the same. */
export interface LessonFacts {
  readonly plan: Plan;
  readonly evaluation: PlanEvaluation;
  /** As this plan sees it: what was taken out for it is still there. */
  readonly cupboard: CupboardState;
  readonly kit: Kit;
  readonly shopping: ShoppingList;
  /** How the meters are shared. */
  readonly measuring: MeasuringWay;
  readonly queue: MeterQueue;
  /** Its phases with what the teacher says. */
  readonly course: Omit<LessonCourse, 'phases'> & {
    readonly phases: readonly (LessonPhase & { readonly say: string })[];
  };
  readonly cautions: readonly PlacedCaution[];
  readonly gate: SafetyGate;
  readonly groupNames: readonly string[];
}

/** What was said to be there counts as there: the list of a plan that is made from it has nothing of it to buy. */
function withHave(cupboard: CupboardState, have: Plan['have']): CupboardState {
  if (have === null) return cupboard;
  return PART_IDS.filter(isBatteryPart).reduce(
    (after, part) => withEntry(after, part, { stock: have[part] ?? 0 }),
    cupboard,
  );
}

/**
 * @param planId under which the plan is stored: what the cupboard gave out for it counts as there
 */
export function lessonFacts(
  plan: Plan,
  evaluation: PlanEvaluation,
  stored: { readonly cupboard: CupboardState; readonly planId: string },
): LessonFacts {
  const { lesson } = plan;
  const { gate, groups, measuring } = evaluation.inLesson;
  const { course } = measuring;
  const cupboard = withHave(cupboardOf(stored.cupboard, stored.planId), plan.have);
  const kit = kitOfPlan({ ...plan, lesson: { ...lesson, groups } }, evaluation);
  return {
    plan,
    evaluation,
    cupboard,
    kit,
    shopping: shoppingList(kit, cupboard, lesson.pupils),
    measuring: measuring.way,
    queue: measuring.queue,
    course: {
      ...course,
      phases: course.phases.map((phase) => ({
        ...phase,
        say: saidOf(phase.id, plan, evaluation),
      })),
    },
    cautions: cautionsOfPlan(evaluation, kit),
    gate,
    groupNames: gate.pupilSheet
      ? Array.from({ length: groups }, (_, index) => groupName(index))
      : ['Demonstration'],
  };
}

/** What the teacher says; of the device what belongs to it. */
const SAYINGS: Readonly<Record<Exclude<PhaseId, 'device' | 'clear'>, string>> = {
  question: 'What could it run on? Nobody eats what had metal in it.',
  'one-cell': 'Two metals, well down, close together, never touching.',
  'measure-one': 'Predict first. Volts, then milliamps for two seconds.',
  'more-cells': 'Each of you builds one that is just like it.',
  'measure-all': '+ to −. Every cell must add a step; if not, look at that cell.',
  compare: 'Where did the missing volts go? Whose prediction came nearest?',
};

/** `Its long leg to +. Dark? Turn it round.` */
function saidOf(id: PhaseId, { target }: Plan, { cell }: PlanEvaluation): string {
  if (id === 'clear') return `${wasteWords(cell.recipe, cell.body)} Wash your hands.`;
  if (id !== 'device') return SAYINGS[id];
  const plus = plusOfTarget(target);
  const connecting = plus === null ? 'Either way round will do.' : `Its ${plus} to +.`;
  return `${connecting} ${againWords(target)}`;
}

/** ` of 3 pairs of metal each`; nothing for one. */
export function pairsWords(pairs: number): string {
  return pairs === 1 ? '' : ` of ${pairs} pairs of metal each`;
}
