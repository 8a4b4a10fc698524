import { trialWords } from './trialWords';
import { PARTS } from '../../physics/recipes/parts';
import { cellsOf } from '../../physics/desk/desk';
import { minutesToBuildOf } from '../../physics/recipes/cellBuild';
import type { LocalTime } from './localTime';
import type { LessonFacts } from './sheets/lessonFacts';
import { timetable, type Timetable } from './timetable';

/** The timetable of a lesson; `null` while it has no date, or where nothing is prepared for a class. */
export function lessonTimes(facts: LessonFacts, now: LocalTime): Timetable | null {
  const { plan, kit, evaluation, gate, shopping, cupboard } = facts;
  if (plan.lessonDate === null || !gate.preparing) return null;
  const boiled = cellsOf(evaluation.desk).find(({ body }) => body.cooked)?.body.part;
  return timetable(
    {
      lesson: plan.lesson,
      date: plan.lessonDate,
      kit,
      minutesPerCell: minutesToBuildOf(evaluation.cell),
      toBuy: shopping.lines.flatMap(({ part, packs }) => (packs > 0 ? [part] : [])),
      boiled: boiled == null ? null : PARTS[boiled].plural,
      dried: cellsOf(evaluation.desk).some(({ body }) => body.dried),
      freeDays: cupboard.freeDays,
      trial: trialWords(facts),
      running:
        plan.switchedOnAt === null ? null : { from: plan.switchedOnAt, minutes: plan.minutes },
    },
    now,
  );
}
