import type { PartId } from '@/core/physics/recipes/parts';
import type { Lesson, Swappable } from '@/core/records/plan/lessonSchema';
import type { Plan } from '@/core/records/plan/planSchema';

/** The plan with part of its lesson changed. */
export function withLesson(plan: Plan, change: Partial<Lesson>): Plan {
  return { ...plan, lesson: { ...plan.lesson, ...change } };
}

/** A point of the checklist ticked, or no longer. */
export function withTicked(plan: Plan, id: string, ticked: boolean): Plan {
  const others = plan.lesson.ticked.filter((one) => one !== id);
  return withLesson(plan, { ticked: ticked ? [...others, id] : others });
}

/** A part replaced by its cheaper substitute, or no longer. */
export function withSwapped(plan: Plan, part: Swappable, swapped: boolean): Plan {
  const others = plan.lesson.swapped.filter((one) => one !== part);
  return withLesson(plan, { swapped: swapped ? [...others, part] : others });
}

/** A task of the timetable put elsewhere. */
export function withTaskMoved(plan: Plan, task: string, start: string): Plan {
  return withLesson(plan, { moved: { ...plan.lesson.moved, [task]: start } });
}

/** A part ticked off the shopping list, or no longer. */
export function withBought(plan: Plan, part: PartId, bought: boolean): Plan {
  const others = plan.lesson.bought.filter((one) => one !== part);
  return withLesson(plan, { bought: bought ? [...others, part] : others });
}
