import type { RandomStream } from './random';
import type { Scatter } from './scatter';

/**
 * Steps of sequences that fill [0, 1) evenly however far they have come, each independent of the others: the golden
 * ratio and roots of primes (H. Weyl, Mathematische Annalen 77 (1916) 313).
 */
const EVEN_STEPS = [(Math.sqrt(5) - 1) / 2, Math.SQRT2 - 1, Math.sqrt(3) - 1, Math.sqrt(7) - 2];

/**
 * Bad joints of so many classes, class by class. Their number is drawn systematically from its binomial distribution,
 * so that it comes up as often as it should; which of the joints they are is left to chance.
 * @returns a function to be called once for each class; what it returns gives the ohms that the next so many joints add.
 */
export function badJointsOf(
  scatter: Scatter,
  joints: number,
  classes: number,
  random: RandomStream,
): () => (joints: number) => number {
  const { badJointLeastOhms, badJointMostOhms } = scatter;
  const atMost = binomialSteps(joints, scatter.badJointChance);
  const offset = random.uniform();
  let index = 0;
  let bad = 0;
  const even = EVEN_STEPS.map(() => random.uniform());
  return () => {
    const share = (index + offset) / classes;
    while (bad < joints && share >= (atMost[bad] ?? 1)) bad += 1;
    index += 1;
    let left = bad;
    let toCome = joints;
    return (next) => {
      let ohms = 0;
      // Most classes have no bad joint, and most others one.
      for (let joint = 0; joint < next && left > 0; joint += 1) {
        // Sampling without replacement: each joint to come is as likely as the next (Knuth, TAOCP 2, algorithm 3.4.2 S).
        const isBad = random.uniform() * toCome < left;
        toCome -= 1;
        if (!isBad) continue;
        // The first bad joints of all classes are spread evenly, and the second ones; more at a time hardly matter.
        const nth = bad - left;
        const step = EVEN_STEPS[nth];
        const place = step === undefined ? random.uniform() : ((even[nth] ?? 0) + step) % 1;
        even[nth] = place;
        left -= 1;
        ohms += badJointLeastOhms * (badJointMostOhms / badJointLeastOhms) ** place;
      }
      return ohms;
    };
  };
}

/** P(at most k of n) for k = 0 … n. */
function binomialSteps(count: number, chance: number): Float64Array {
  const steps = new Float64Array(count + 1);
  let term = (1 - chance) ** count;
  let sum = 0;
  for (let k = 0; k <= count; k += 1) {
    sum += term;
    steps[k] = sum;
    term *= ((count - k) / (k + 1)) * (chance / (1 - chance));
  }
  return steps;
}
