import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { lessonFacts, type LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { localTimeAt } from '@/core/work/preparation/localTime';
import { lessonTimes } from '@/core/work/preparation/lessonTimes';
import type { Timetable } from '@/core/work/preparation/timetable';
import type { Result } from '@/core/result';
import { succeed } from '@/core/result';
import type { ServerContext } from './context';
import { openBench } from './openTool';

export interface OpenLesson {
  readonly facts: LessonFacts;
  /** `null` while the plan has no date, or where nothing is prepared for a class. */
  readonly times: Timetable | null;
}

/** A stored plan's lesson with everything that is worked out about it; `null` where there is no such plan. */
export function openLesson(context: ServerContext, id: string): Result<OpenLesson> | null {
  const found = context.documents('plans').find(id);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const plan = found.document.value;
  const evaluation = evaluatePlan(plan);
  const cupboard = openBench(context, 'cupboard').initial.state;
  const facts = lessonFacts(plan, evaluation, { cupboard, planId: id });
  const now = context.now();
  const local = localTimeAt(now, new Date(now).getTimezoneOffset());
  return succeed({ facts, times: lessonTimes(facts, local) });
}
