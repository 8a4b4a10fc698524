import { evaluatePlan } from '@/core/planning/evaluatePlan';
import { lessonFacts, type LessonFacts } from '@/core/preparation/sheets/lessonFacts';
import { timetable, type Timetable } from '@/core/preparation/timetable';
import type { Result } from '@/core/result';
import { succeed } from '@/core/result';
import type { ServerContext } from './context';
import { openBench } from './openBench';

export interface OpenLesson {
  readonly facts: LessonFacts;
  /** `null` while the plan has no date. */
  readonly times: Timetable | null;
}

/** A stored plan's lesson with everything that is worked out about it; `null` where there is no such plan. */
export function openLesson(context: ServerContext, id: string): Result<OpenLesson> | null {
  const found = context.documents('plans').find(id);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const plan = found.document.value;
  const evaluation = evaluatePlan(plan);
  const facts = lessonFacts(plan, evaluation, openBench(context, 'cupboard').initial.state);
  return succeed({ facts, times: timesOf(facts, context.now()) });
}

function timesOf({ plan, kit, evaluation }: LessonFacts, now: number): Timetable | null {
  if (plan.lessonDate === null) return null;
  const { minutesToBuild } = evaluation.cell.recipe;
  return timetable(
    { lesson: plan.lesson, date: plan.lessonDate, kit, minutesPerCell: minutesToBuild },
    localTimeOf(new Date(now)),
  );
}

/** What the clock on the wall shows where the server stands. */
function localTimeOf(date: Date): string {
  const shifted = new Date(date.getTime() - date.getTimezoneOffset() * 60_000);
  return shifted.toISOString().slice(0, 19);
}
