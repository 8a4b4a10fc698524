import { performance } from 'node:perf_hooks';
import { randomStream } from '@/core/physics/chance/random';
import { EMPTY_CUPBOARD } from '@/core/records/cupboard/cupboardSchema';
import { benchFacts, groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { summaryOfPlan } from '@/core/work/judging/planSummary';
import { lessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { leaveRunning } from '@/core/work/running/leaveRunning';
import { mutatedPlan } from '@/testing/core/mutatedPlans';
import { ODD_ROOMS, oddText } from '@/testing/core/oddInputs';
import { part, printRow } from './print.mjs';
import { benchPromises } from './promises';

const SEED = 20_261_128;
/** Every so many plans are also run down, prepared for and measured. */
const ALL_THE_WAY = 20;

/** Plans that pass the schema and that nobody would make: none may throw, on the shelf or at any station. */
function benchFuzz(): void {
  const plans = 5_000;
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
    threw === 0,
  );
}

/** Text from outside, at every place where some comes in: it is taken, or refused in words. */
function benchOddInputs(): void {
  const texts = 10_000;
  const random = randomStream(SEED);
  let threw = 0;
  let first = '';
  let slowest = 0;
  for (let index = 0; index < texts; index += 1) {
    const room = ODD_ROOMS[index % ODD_ROOMS.length]!;
    const text = oddText(room.usual, random);
    const start = performance.now();
    try {
      room.take(text);
    } catch (error) {
      threw += 1;
      if (first === '') first = `, first: ${room.name}, ${String(error)}`;
    }
    slowest = Math.max(slowest, performance.now() - start);
  }
  printRow(
    `${texts} odd texts at ${ODD_ROOMS.length} places`,
    `${threw} threw${first}; slowest ${slowest.toFixed(0)} ms`,
    'none throws',
    threw === 0,
  );
}

await part('fuzz', benchFuzz);
await part('odd texts', benchOddInputs);
await part('promises', benchPromises);
