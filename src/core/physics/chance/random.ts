import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A stream of random numbers that the same seed repeats. */
export interface RandomStream {
  /** Uniform in [0, 1). */
  uniform(): number;
  /** Standard normal. */
  normal(): number;
}

/** Outputs thrown away at the start: those of neighbouring seeds are alike until the state is mixed. */
const MIXING_ROUNDS = 32;

/** Reproducible stream from a whole-number seed. */
export function randomStream(seed: number): RandomStream {
  const generator = xoroshiro128plus(seed);
  for (let round = 0; round < MIXING_ROUNDS; round += 1) generator.next();
  // 32 random bits are plenty for scatter and three times as fast as 53.
  const uniform = (): number => (generator.next() >>> 0) / 2 ** 32;
  let spare: number | null = null;
  /** Polar method, two normals a round (G. Marsaglia and T. A. Bray, SIAM Review 6 (1964) 260). */
  const normal = (): number => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    for (;;) {
      const u = 2 * uniform() - 1;
      const v = 2 * uniform() - 1;
      const square = u * u + v * v;
      if (square >= 1 || square === 0) continue;
      const scale = Math.sqrt((-2 * Math.log(square)) / square);
      spare = v * scale;
      return u * scale;
    }
  };
  return { uniform, normal };
}
