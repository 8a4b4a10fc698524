import { randomStream } from '@/core/physics/chance/random';
import { EMPTY_CUPBOARD } from '@/core/records/cupboard/cupboardSchema';
import { benchFacts, groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { summaryOfPlan } from '@/core/work/judging/planSummary';
import { lessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { leaveRunning } from '@/core/work/running/leaveRunning';
import { mutatedPlan } from '@/testing/core/mutatedPlans';
import { printRow } from './print.mjs';

const SEED = 20_261_128;
/** Every so many plans are also run down, prepared for and measured. */
const ALL_THE_WAY = 20;

/** Plans that pass the schema and that nobody would make: none may throw, on the shelf or at any station. */
export function benchFuzz(plans = 10_000): void {
  const random = randomStream(SEED);
  let threw = 0;
  let first = '';
  let slowest = 0;
  for (let index = 0; index < plans; index += 1) {
    const plan = mutatedPlan(random);
    const start = performance.now();
    try {
      const evaluation = evaluatePlan(plan);
      summaryOfPlan(plan);
      if (index % ALL_THE_WAY === 0) {
        benchFacts(plan, evaluation);
        groupFacts(plan, evaluation);
        lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: '' });
        leaveRunning(evaluation.desk, evaluation.need, plan.running, []);
      }
    } catch (error) {
      threw += 1;
      if (first === '') first = `, first: ${String(error)} in ${JSON.stringify(plan.arrangement)}`;
    }
    slowest = Math.max(slowest, performance.now() - start);
  }
  printRow(
    `${plans} odd plans, worked out`,
    `${threw} threw${first}; slowest ${slowest.toFixed(0)} ms`,
    'none throws',
  );
}
