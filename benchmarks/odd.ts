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

const SEED = 20_261_128;
/** Every so many plans are also run down, prepared for and measured. */
const ALL_THE_WAY = 20;

/** Odd things, one after the other: how many threw, the first of them in words, and the slowest. */
function benchOdd(what: string, count: number, odd: (index: number) => Odd): void {
  let threw = 0;
  let first = '';
  let slowest = 0;
  for (let index = 0; index < count; index += 1) {
    const { name, take } = odd(index);
    const start = performance.now();
    try {
      take();
    } catch (error) {
      threw += 1;
      if (first === '') first = `, first: ${String(error)} in ${name}`;
    }
    slowest = Math.max(slowest, performance.now() - start);
  }
  printRow(
    `${count} ${what}`,
    `${threw} threw${first}; slowest ${slowest.toFixed(0)} ms`,
    'none throws',
    threw === 0,
  );
}

interface Odd {
  readonly name: string;
  readonly take: () => void;
}

/** Plans that pass the schema and that nobody would make: none may throw, on the shelf or at any station. */
function benchFuzz(): void {
  const random = randomStream(SEED);
  benchOdd('odd plans, worked out', 5_000, (index) => {
    const plan = mutatedPlan(random);
    const take = (): void => {
      const evaluation = evaluatePlan(plan);
      summaryOfPlan(plan);
      if (index % ALL_THE_WAY !== 0) return;
      benchFacts(plan, evaluation);
      groupFacts(plan, evaluation);
      lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: '' });
      leaveRunning(evaluation.desk, evaluation.need, plan.running, []);
    };
    return { name: JSON.stringify(plan.arrangement), take };
  });
}

/** Text from outside, at every place where some comes in: it is taken, or refused in words. */
function benchOddInputs(): void {
  const random = randomStream(SEED);
  benchOdd(`odd texts at ${ODD_ROOMS.length} places`, 10_000, (index) => {
    const room = ODD_ROOMS[index % ODD_ROOMS.length]!;
    const text = oddText(room.usual, random);
    return { name: room.name, take: () => room.take(text) };
  });
}

await part('fuzz', benchFuzz);
await part('odd texts', benchOddInputs);
