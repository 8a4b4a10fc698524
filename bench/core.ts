import { performance } from 'node:perf_hooks';
import { evaluatePlan, evaluateWiring } from '@/core/planning/evaluatePlan';
import { verdictOf } from '@/core/planning/verdict';
import { DEMO_PLANS } from '@/cli/demoPlans';
import { printRow } from './print.mjs';

/** Median time of one call, in milliseconds, after the code has been compiled. */
function timed(calls: number, work: () => unknown): number {
  for (let warm = 0; warm < calls; warm += 1) work();
  const times = Array.from({ length: 9 }, () => {
    const start = performance.now();
    for (let call = 0; call < calls; call += 1) work();
    return (performance.now() - start) / calls;
  });
  times.sort((a, b) => a - b);
  return times[4] ?? NaN;
}

const lamp = DEMO_PLANS.find(({ id }) => id === 'demo-lamp');
if (lamp === undefined) throw new Error('the demo has no lamp');
const whole = evaluatePlan(lamp.plan);

printRow(
  'operating point and verdict of a wiring',
  `${timed(500, () => verdictOf({ ...whole, ...evaluateWiring(whole.cell, whole.need, whole.wiring) })).toFixed(4)} ms`,
  'budget 1 ms',
);
printRow(
  'the same with 600 simulated classes and all wirings searched',
  `${timed(20, () => evaluatePlan(lamp.plan)).toFixed(2)} ms`,
);
