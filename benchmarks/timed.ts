import { performance } from 'node:perf_hooks';

const ROUNDS = 9;

/** Time of one call in milliseconds, after the code has been compiled: the least of several rounds, free of what else runs. */
export function timed(calls: number, work: () => unknown): number {
  for (let warm = 0; warm < calls; warm += 1) work();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    for (let call = 0; call < calls; call += 1) work();
    return (performance.now() - start) / calls;
  });
  return Math.min(...times);
}
