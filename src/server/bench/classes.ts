import { randomBytes } from 'node:crypto';
import { JOIN_CODE_LENGTH, joinCodeOf } from '@/core/records/plan/joinCode';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { fail, succeed, type Result } from '@/core/result';
import type { OpenClass } from '@/data/classRepository';
import type { BenchContext } from './benchContext';

/** A class that nobody ends, ends by itself. */
const LONGEST_CLASS_MS = 6 * 60 * 60 * 1000;

/** The class of a plan while it runs; `null` while nobody can join. */
export function runningClass(
  { classes, now }: Pick<BenchContext, 'classes' | 'now'>,
  planId: string,
): OpenClass | null {
  return classes.find(planId, now());
}

/** Opens the class of a plan: from now on groups can join with its code. Plans that are no pupils’ work are refused. */
export function openClass(context: BenchContext, planId: string): Result<OpenClass> | null {
  const found = context.documents('plans').find(planId);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const plan = found.document.value;
  const { gate } = evaluatePlan(plan).inLesson;
  if (!gate.pupilSheet) return fail({ code: 'withheld', path: [], message: gate.reason });
  const now = context.now();
  const code = freeCode(context, plan, planId);
  context.classes.open(planId, code, now, now + LONGEST_CLASS_MS);
  context.bus.grew(planId);
  return succeed({ planId, code, startedAt: now, endsAt: now + LONGEST_CLASS_MS });
}

export function closeClass(
  { classes, now, bus }: Pick<BenchContext, 'classes' | 'now' | 'bus'>,
  planId: string,
): void {
  classes.close(planId, now());
  // Streams of groups look whether they may still run.
  bus.grew(planId);
}

/** The code on the printed cards where there is one and no other class uses it. */
function freeCode({ classes, now }: BenchContext, { lesson }: Plan, planId: string): string {
  const taken = (code: string): boolean => {
    const user = classes.findByCode(code, now());
    return user !== null && user.planId !== planId;
  };
  if (lesson.joinCode !== null && !taken(lesson.joinCode)) return lesson.joinCode;
  for (;;) {
    const code = joinCodeOf(randomBytes(JOIN_CODE_LENGTH));
    if (!taken(code)) return code;
  }
}
