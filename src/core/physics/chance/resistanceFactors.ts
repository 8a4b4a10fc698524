import { randomStream } from './random';

const DRAWN = new Map<string, Float64Array>();
const KEPT = 4;

/**
 * How many times the usual resistance each cell has, log-normal, from a seed. Drawn once and kept: the same classes are asked
 * about many times while a plan is made.
 */
export function resistanceFactors(
  count: number,
  resistanceLog: number,
  seed: number,
): Float64Array {
  const key = `${seed} ${resistanceLog}`;
  const known = DRAWN.get(key);
  if (known !== undefined && known.length >= count) return known;
  // From the beginning, so that a longer list begins like a shorter one.
  const random = randomStream(seed);
  const factors = new Float64Array(Math.max(count, 2 * (known?.length ?? 0)));
  for (let index = 0; index < factors.length; index += 1) {
    factors[index] = Math.exp(resistanceLog * random.normal());
  }
  if (DRAWN.size >= KEPT) DRAWN.clear();
  DRAWN.set(key, factors);
  return factors;
}
