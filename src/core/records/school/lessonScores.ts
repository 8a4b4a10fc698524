import { readingsOfGroup } from '../logbook/foldLog';
import type { LogLine } from '../logbook/logEntry';
import type { Plan } from '../plan/planSchema';
import type { LessonScore, SchoolState } from './schoolSchema';

/**
 * In how many groups the battery did what was wanted, beside what the plan promises; `null` where no group has said.
 * @param promised share of classes.
 */
export function scoreOfLesson(
  plan: Plan,
  lesson: string,
  promised: number,
  groups: readonly string[],
  lines: readonly LogLine[],
): LessonScore | null {
  const answers = groups.flatMap((group) => {
    const said = readingsOfGroup(lines, group).findLast(
      ({ measurement }) => measurement.kind === 'lights',
    );
    return said === undefined ? [] : [said];
  });
  const [first] = answers;
  if (first === undefined) return null;
  return {
    lesson,
    title: plan.title,
    day: first.takenAt.slice(0, 10),
    promised,
    batteries: answers.length,
    lit: answers.filter(({ value }) => value > 0).length,
  };
}

/** The school with a lesson's score; the same lesson of the same day is kept once, with the promise that stood first. */
export function withScore(school: SchoolState, score: LessonScore): SchoolState {
  const isSame = (one: LessonScore): boolean =>
    one.lesson === score.lesson && one.day === score.day;
  const promised = school.scores.find(isSame)?.promised ?? score.promised;
  return {
    ...school,
    scores: [...school.scores.filter((one) => !isSame(one)), { ...score, promised }],
  };
}

/** Lessons with promises alike: what was promised, and the share that lit with its own uncertainty. */
export interface ScoreRow {
  readonly lessons: number;
  readonly batteries: number;
  readonly promised: number;
  readonly lit: number;
  readonly low: number;
  readonly high: number;
}

/** Promises below each of these shares stand together. */
const BOUNDS = [0.8, 0.945, Infinity];
/** Nineteen of twenty. */
const Z = 1.96;

/** Promised against lit, by how much was promised; the interval is Wilson's (E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209). */
export function scoreRows(scores: readonly LessonScore[]): ScoreRow[] {
  return BOUNDS.flatMap((bound, index) => {
    const from = BOUNDS[index - 1] ?? -Infinity;
    const alike = scores.filter(({ promised }) => promised >= from && promised < bound);
    const batteries = alike.reduce((sum, one) => sum + one.batteries, 0);
    if (batteries === 0) return [];
    const lit = alike.reduce((sum, one) => sum + one.lit, 0) / batteries;
    const promised = alike.reduce((sum, one) => sum + one.promised * one.batteries, 0) / batteries;
    const spread = Z ** 2 / batteries;
    const middle = (lit + spread / 2) / (1 + spread);
    const half = (Z * Math.sqrt((lit * (1 - lit) + spread / 4) / batteries)) / (1 + spread);
    return [
      { lessons: alike.length, batteries, promised, lit, low: middle - half, high: middle + half },
    ];
  });
}
