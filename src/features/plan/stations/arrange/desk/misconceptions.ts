import type { Explanation } from '@/core/work/words/explain';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import {
  largestWins,
  pairsInOneBody,
  saltKillsAcid,
  voltsTimesAmps,
} from '@/core/work/words/misconceptions';

/** Common beliefs, each with the worked answer for the plan's own cell. */
export const MISCONCEPTIONS = [
  { id: 'one-body', claim: 'All pairs in one fruit add up', answer: pairsInOneBody },
  { id: 'power', claim: 'Volts times amps is its power', answer: voltsTimesAmps },
  { id: 'largest', claim: 'In parallel the largest cell wins', answer: largestWins },
  { id: 'salt', claim: 'Salt kills the acid', answer: saltKillsAcid },
] as const satisfies readonly {
  readonly id: string;
  readonly claim: string;
  readonly answer: (evaluation: PlanEvaluation) => Explanation;
}[];

export type MisconceptionId = (typeof MISCONCEPTIONS)[number]['id'];
