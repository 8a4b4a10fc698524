import * as z from 'zod/mini';
import type { Drill, HiddenFault } from './makeDrill';
import { DRILL_FAULTS } from './levels';

/** What the learner says of one string: sound, or this fault at this cell. */
export const namedSchema = z.nullable(
  z.strictObject({ cell: z.int().check(z.minimum(1), z.maximum(20)), kind: z.enum(DRILL_FAULTS) }),
);
export type Named = z.infer<typeof namedSchema>;

/** How far an answer is right, string by string. */
export type StringJudgement = 'right' | 'right-cell' | 'right-kind' | 'wrong';

export function judgeAnswer({ built, hidden }: Drill, named: readonly Named[]): StringJudgement[] {
  return built.map((_, index) => {
    const truth = hidden.find(({ string }) => string === index + 1) ?? null;
    return judgeString(truth, named[index] ?? null);
  });
}

function judgeString(truth: HiddenFault | null, named: Named): StringJudgement {
  if (truth === null || named === null) return truth === null && named === null ? 'right' : 'wrong';
  if (named.cell === truth.cell && named.kind === truth.kind) return 'right';
  if (named.cell === truth.cell) return 'right-cell';
  return named.kind === truth.kind ? 'right-kind' : 'wrong';
}

/** A hint counts as one measurement, a wrong answer as two. */
const HINT_COSTS = 1;
const WRONG_COSTS = 2;

export interface DrillEffort {
  /** Measurements’ worth of information that was left on the table. */
  readonly lost: number;
  readonly hints: number;
  readonly wrongAnswers: number;
}

/** The score out of 100: what the fault finder needs, against that and everything lost on the way. */
export function drillScore({ lost, hints, wrongAnswers }: DrillEffort, par: number): number {
  const needed = Math.max(1, par);
  const over = lost + HINT_COSTS * hints + WRONG_COSTS * wrongAnswers;
  return Math.round((100 * needed) / (needed + over));
}
