import { keepingLast } from '@/core/keepingLast';
import type { GroupReading } from '@/core/records/logbook/foldLog';
import type { Plan } from '@/core/records/plan/planSchema';
import { benchFacts } from '@/core/work/guide/benchFacts';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import { judgeBench } from '@/core/work/guide/judgeBench';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';

/** What is to be judged: plain data, so that it can go to another thread. */
export interface JudgeRequest {
  readonly planId: string;
  /** Of the plan’s document: facts are worked out once for each. */
  readonly revision: number;
  readonly plan: Plan;
  readonly readings: readonly GroupReading[];
}

export type Judge = (request: JudgeRequest) => Promise<BenchJudgement | null>;

/** Plans whose facts are kept. */
const MOST_KEPT = 8;

/** Judges readings, with the facts of the last plans at hand. */
export function createJudge(): (request: JudgeRequest) => BenchJudgement | null {
  const factsOf = keepingLast(
    MOST_KEPT,
    ({ planId, revision }: JudgeRequest) => `${planId} ${revision}`,
    ({ plan }) => benchFacts(plan, evaluatePlan(plan)),
  );
  return (request) => judgeBench(factsOf(request), request.readings);
}
