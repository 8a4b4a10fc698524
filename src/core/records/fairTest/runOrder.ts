import { randomStream } from '../../physics/chance/random';
import type { FairTest } from './fairTestSchema';

/** One measurement of the plan: which variant, in which round. */
export interface Run {
  readonly variant: string;
  readonly repeat: number;
}

/**
 * The order of measuring: every round has each variant once, in an order of its own, so that what drifts (a warming
 * room, a tiring meter) hits all alike. Complete randomised blocks; Fisher and Yates’ shuffle.
 */
export function runOrder({
  variants,
  repeats,
  seed,
}: Pick<FairTest, 'variants' | 'repeats' | 'seed'>): Run[] {
  const random = randomStream(seed);
  const runs: Run[] = [];
  for (let repeat = 1; repeat <= repeats; repeat += 1) {
    const round = variants.map(({ id }) => ({ variant: id, repeat }));
    for (let last = round.length - 1; last > 0; last -= 1) {
      const other = Math.floor(random.uniform() * (last + 1));
      const swapped = round[last];
      const taken = round[other];
      if (swapped === undefined || taken === undefined) throw new Error('shuffled out of range');
      round[last] = taken;
      round[other] = swapped;
    }
    runs.push(...round);
  }
  return runs;
}
