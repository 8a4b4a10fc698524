import { measurementKey, type Measurement } from '../../records/logbook/measurement';
import { RIGHT_METER, type Hypothesis } from './causes';
import type { Evidence, Reading } from './evidence';

export interface NextMeasurement {
  readonly measurement: Measurement;
  /** Bits that it is expected to tell about the cause. */
  readonly bits: number;
}

interface Weighed {
  readonly evidence: Evidence;
  readonly chance: number;
}

/** Effort of a measurement against reading volts across what stands (from memory). */
const EFFORT: Readonly<Record<Measurement['kind'], number>> = {
  volts: 1,
  short: 1.1,
  'shorted-volts': 1.15,
  'cell-volts': 1.2,
  'cell-short': 1.3,
  'volts-without': 1.8,
  'battery-volts': 1,
  'load-volts': 1,
  'load-amps': 1.2,
  // No probe is moved: one looks, or turns the device round.
  lights: 0.6,
};
/** Hypotheses that the search looks at: so many at most, and none with a smaller chance, since it moves no choice. */
const LOOKED_AT = 40;
const LEAST_CHANCE = 0.002;
/** Five-point Gauss–Hermite rule for the standard normal (Abramowitz and Stegun, table 25.10). */
const NODES = [-2.8569700138728056, -1.355626179974266, 0, 1.355626179974266, 2.8569700138728056];
const NODE_WEIGHTS = [
  0.011257411327720689, 0.22207592200561266, 0.5333333333333333, 0.22207592200561266,
  0.011257411327720689,
];
const MIN_BITS = 0.02;

/**
 * The measurements that tell most about the cause: expected information gain, the fall of the entropy over causes
 * (D. V. Lindley, Ann. Math. Stat. 27 (1956) 986), per effort. The most telling first.
 */
export function rankByInformationGain(
  weighed: readonly Weighed[],
  possible: readonly Measurement[],
  readings: readonly Reading[],
): NextMeasurement[] {
  const likely = weighed
    .filter(({ chance }) => chance >= LEAST_CHANCE)
    .sort((a, b) => b.chance - a.chance)
    .slice(0, LOOKED_AT);
  const total = likely.reduce((sum, { chance }) => sum + chance, 0);
  if (!(total > 0)) return [];
  const causes = [...new Set(likely.map(({ evidence }) => evidence.hypothesis.cause))];
  const causeOf = likely.map(({ evidence }) => causes.indexOf(evidence.hypothesis.cause));
  const priors = likely.map(({ chance }) => chance / total);
  // What stands there is never asked for again: another measurement tells the same.
  const taken = new Set(readings.map(({ measurement }) => sameToEyes(measurement)));
  // A string that no likely cause stands in reads the same whichever of them it is.
  const strings = new Set(likely.flatMap(({ evidence: { hypothesis } }) => stringsOf(hypothesis)));
  return possible
    .filter((one) => !taken.has(sameToEyes(one)))
    .filter(
      (one) =>
        strings.size === 0 || strings.has(null) || !('string' in one) || strings.has(one.string),
    )
    .map((measurement) => {
      const predicted = likely.map(({ evidence }) => evidence.predict(measurement));
      const bits =
        measurement.kind === 'lights'
          ? bitsOfLight(
              predicted.map(({ mean }) => mean),
              priors,
              causeOf,
              causes.length,
            )
          : bitsOfReading(predicted, priors, causeOf, causes.length);
      return { measurement, bits };
    })
    .filter(({ bits }) => bits > MIN_BITS)
    .sort((a, b) => b.bits / EFFORT[b.measurement.kind] - a.bits / EFFORT[a.measurement.kind]);
}

/** Strings that a hypothesis concerns; `null`: the meter, and with it every reading. */
function stringsOf({ changes, meter, slip }: Hypothesis): (number | null)[] {
  const all = meter !== RIGHT_METER || slip !== null ? [null] : [];
  return [...all, ...changes.map(({ string }) => string)];
}

/** Volts across the same cells are the same to those who read them, however many cells stand beside them by now. */
function sameToEyes(measurement: Measurement): string {
  return measurement.kind === 'volts'
    ? `volts ${measurement.string} ${measurement.from} ${measurement.to}`
    : measurementKey(measurement);
}

function bitsOfReading(
  predicted: readonly { readonly mean: number; readonly deviation: number }[],
  priors: readonly number[],
  causeOf: readonly number[],
  causes: number,
): number {
  const before = entropy(sumByCause(priors, causeOf, causes));
  let after = 0;
  predicted.forEach(({ mean, deviation }, from) => {
    if (priors[from]! < 1e-4) return;
    NODES.forEach((node, index) => {
      const value = mean + node * deviation;
      const chances = predicted.map(
        (one, other) =>
          (priors[other]! / one.deviation) *
          Math.exp(-0.5 * ((value - one.mean) / one.deviation) ** 2),
      );
      after += priors[from]! * NODE_WEIGHTS[index]! * entropy(sumByCause(chances, causeOf, causes));
    });
  });
  return before - after;
}

function bitsOfLight(
  chances: readonly number[],
  priors: readonly number[],
  causeOf: readonly number[],
  causes: number,
): number {
  const before = entropy(sumByCause(priors, causeOf, causes));
  const runs = priors.map((prior, index) => prior * chances[index]!);
  const dark = priors.map((prior, index) => prior * (1 - chances[index]!));
  const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0);
  const of = (values: number[]): number =>
    sum(values) * entropy(sumByCause(values, causeOf, causes));
  return before - of(runs) - of(dark);
}

function sumByCause(
  values: readonly number[],
  causeOf: readonly number[],
  causes: number,
): Float64Array {
  const sums = new Float64Array(causes);
  values.forEach((value, index) => {
    const cause = causeOf[index]!;
    sums[cause] = sums[cause]! + value;
  });
  return sums;
}

/** Entropy in bits of chances that need not add up to 1. */
function entropy(chances: Float64Array): number {
  let total = 0;
  for (const one of chances) total += one;
  if (!(total > 0)) return 0;
  let sum = 0;
  for (const one of chances) {
    if (one > 0) sum -= (one / total) * Math.log2(one / total);
  }
  return sum;
}
