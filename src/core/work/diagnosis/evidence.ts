import { quantityOf, type Measurement } from '../../records/logbook/measurement';
import { currentRangeOf, type MeterRange } from '../../physics/instruments/meter';
import { NO_FAULT, type Hypothesis } from './causes';
import type { Predictor } from './predictor';
import type { Prediction } from './shownByMeter';

/** One reading: what was measured, and what the meter showed (volts, amperes; for light 1 or 0). */
export interface Reading {
  readonly measurement: Measurement;
  readonly value: number;
  /** Range it was read on; a current without one: as suits a sound battery. */
  readonly range?: MeterRange | null;
  /** Read twice, and the same: hardly a slip of the meter. */
  readonly confirmed?: boolean;
}

/** How well a hypothesis predicts the readings, and what that says about the next one. */
export interface Evidence {
  readonly hypothesis: Hypothesis;
  /** Natural logarithm of the chance of exactly these readings, without the prior. */
  readonly logLikelihood: number;
  /** Number of the reading that fits least beside all others; `null` where there is none. */
  readonly worst: () => number | null;
  /** Middle and standard deviation of a further reading, given those taken. */
  readonly predict: (next: Measurement) => { readonly mean: number; readonly deviation: number };
}

const LOG_TWO_PI = Math.log(2 * Math.PI);

/**
 * Chance of the readings under a hypothesis, scatter included: readings of the same cells move together, so they are
 * taken as jointly normal around what the circuit gives, with the slopes of the circuit (first-order propagation of
 * scatter; e.g. JCGM 100:2008, 5.2). What was read makes the next reading surer in the same way.
 */
export function evidenceOf(
  predictor: Predictor,
  hypothesis: Hypothesis,
  readings: readonly Reading[],
): Evidence {
  const physical = readings.flatMap((reading, index) =>
    reading.measurement.kind !== 'lights' && index !== hypothesis.slip ? [{ reading, index }] : [],
  );
  let logLikelihood = 0;
  const terms = physical.map(({ reading: { measurement, value, range } }) => {
    const predicted = predictor.predict(measurement, hypothesis, currentRangeOf(range));
    const term = termOf(predicted, quantityOf(measurement), value);
    logLikelihood += term.logScale;
    return term;
  });
  const predictions = terms.map(({ prediction }) => prediction);
  const offsets = terms.map(({ offset }) => offset);
  const together = predictions.map((row, index) =>
    predictions.slice(0, index + 1).map((column) => covariance(row, column)),
  );
  const noises = predictions.map(({ noise }) => noise);
  const fits = SCALES.map(({ scale, weight }) => fitOf(together, noises, offsets, scale, weight));
  const fit = fits.reduce((best, one) => (one.logChance > best.logChance ? one : best));
  logLikelihood +=
    fit.logChance +
    Math.log(fits.reduce((sum, one) => sum + Math.exp(one.logChance - fit.logChance), 0));
  for (const { measurement, value } of readings) {
    if (measurement.kind !== 'lights') continue;
    const chance = predictor.predict(measurement, hypothesis).mean;
    logLikelihood += Math.log(value > 0.5 ? chance : 1 - chance);
  }
  const slipped = hypothesis.slip === null ? undefined : readings[hypothesis.slip];
  if (slipped !== undefined) {
    const isAlone = hypothesis.kind === 'slip';
    logLikelihood += slipLikelihood(
      predictor.predict(
        slipped.measurement,
        isAlone ? NO_FAULT : hypothesis,
        currentRangeOf(slipped.range),
      ),
      slipped.value,
    );
  }
  return {
    hypothesis,
    logLikelihood,
    worst: () => physical[worstOf(fit)]?.index ?? null,
    predict: (next) => {
      const prediction = predictor.predict(next, hypothesis);
      const { factor, whitened, scale } = fit;
      const linked = forward(
        factor,
        predictions.map((one) => scale ** 2 * covariance(one, prediction)),
      );
      const mean = linked.reduce(
        (sum, one, index) => sum + one * whitened[index]!,
        prediction.mean,
      );
      const variance = linked.reduce(
        (sum, one) => sum - one * one,
        scale ** 2 * covariance(prediction, prediction) + prediction.noise ** 2,
      );
      return { mean, deviation: Math.sqrt(Math.max(variance, prediction.noise ** 2)) };
    },
  };
}

/**
 * Some classes scatter as is assumed, some 1.7 times as much: a mixture of both keeps a careless class
 * from being called faulty (shares from memory).
 */
const SCALES = [
  { scale: 1, weight: 0.5 },
  { scale: 1.7, weight: 0.5 },
] as const;

interface Fit {
  readonly scale: number;
  readonly logChance: number;
  /** Lower triangle of the covariance of the readings, and the readings freed of it. */
  readonly factor: readonly (readonly number[])[];
  readonly whitened: readonly number[];
}

/**
 * How well predictions fit with scatter of one size: the density of a joint normal distribution.
 * @param together lower triangle of the covariance of usual scatter, without noise.
 */
function fitOf(
  together: readonly (readonly number[])[],
  noises: readonly number[],
  offsets: readonly number[],
  scale: number,
  weight: number,
): Fit {
  const factor = cholesky(
    together.map((row, index) =>
      row.map((one, other) => scale ** 2 * one + (index === other ? noises[index]! ** 2 : 0)),
    ),
  );
  const whitened = forward(factor, offsets);
  let logChance = Math.log(weight);
  whitened.forEach((one, index) => {
    logChance -= 0.5 * (one * one + LOG_TWO_PI) + Math.log(factor[index]![index]!);
  });
  return { scale, logChance, factor, whitened };
}

/**
 * Which reading is least likely beside all others: leaving it out gains most. With `C = L·Lᵀ` its own residual is
 * `(C⁻¹o)ᵢ / √(C⁻¹)ᵢᵢ` (e.g. C. E. Rasmussen and C. K. I. Williams, Gaussian Processes for Machine Learning, 5.4.2).
 */
function worstOf({ factor, whitened }: Fit): number {
  const count = whitened.length;
  // Columns of L⁻¹.
  const inverse = Array.from({ length: count }, (_, column) =>
    forward(
      factor,
      Array.from({ length: count }, (__, row) => (row === column ? 1 : 0)),
    ),
  );
  let worst = -1;
  let most = -Infinity;
  inverse.forEach((column, index) => {
    const own = column.reduce((sum, one) => sum + one * one, 0);
    const off = column.reduce((sum, one, row) => sum + one * whitened[row]!, 0);
    const gain = (off * off) / own - Math.log(own);
    if (gain > most) [worst, most] = [index, gain];
  });
  return worst;
}

/** A reading as it is compared with its prediction. */
interface Term {
  readonly prediction: Prediction;
  readonly offset: number;
  /** What the change of scale adds to the logarithm of the chance. */
  readonly logScale: number;
}

/** Currents below this are as good as none: the last digits of a meter. */
const LEAST_LOG_AMPS = 4e-6;

/**
 * Resistances scatter by factors, so that currents are compared by their logarithms: a tenth of what is expected is
 * then as far away as ten times as much. The change of variable keeps the chances of all hypotheses comparable.
 */
function termOf(
  prediction: Prediction,
  quantity: ReturnType<typeof quantityOf>,
  value: number,
): Term {
  const { mean, spread, noise } = prediction;
  if (quantity !== 'amps' || mean < LEAST_LOG_AMPS) {
    return { prediction, offset: value - mean, logScale: 0 };
  }
  const shown = Math.max(value, LEAST_LOG_AMPS);
  return {
    prediction: { mean, spread: spread.map((one) => one / mean), noise: noise / mean },
    offset: Math.log(shown / mean),
    logScale: -Math.log(shown),
  };
}

/** Readings that nothing explains: anything between far too low and far too high (spread from memory). */
export function unexplainedLikelihood(predictor: Predictor, readings: readonly Reading[]): number {
  return readings.reduce((sum, { measurement, value }) => {
    if (measurement.kind === 'lights') return sum + Math.log(0.5);
    const { mean, noise } = predictor.predict(measurement, NO_FAULT);
    return sum + logNormal(value, mean * 0.7, Math.max(mean * 0.6, 4 * noise));
  }, 0);
}

/**
 * Shares of what goes wrong with one reading (from memory): a lead slipped, swapped, a decimal point or a unit that was
 * misread, a digit, or anything at all.
 */
const SLIPS = { nothing: 0.36, swapped: 0.14, digit: 0.2, anything: 0.02 } as const;
/** By what a reading is too large or too small whose point or unit was misread, and how often. */
const MISREAD_BY = [
  { factor: 10, share: 0.09 },
  { factor: 0.1, share: 0.09 },
  { factor: 1000, share: 0.04 },
  { factor: 1e-3, share: 0.03 },
  { factor: 100, share: 0.02 },
  { factor: 0.01, share: 0.01 },
] as const;
/** Spread of the logarithm of a reading that may be anything. */
const ANYTHING_LOG = 3;

function slipLikelihood(prediction: Prediction, value: number): number {
  const { mean, noise } = prediction;
  const deviation = Math.sqrt(covariance(prediction, prediction) + noise ** 2);
  const normal = (middle: number, spread: number): number =>
    Math.exp(logNormal(value, middle, spread));
  const size = Math.max(Math.abs(mean), noise);
  const far = Math.log(Math.max(Math.abs(value), 1e-9) / size) / ANYTHING_LOG;
  return Math.log(
    SLIPS.nothing * normal(0, 3 * noise) +
      SLIPS.swapped * normal(-mean, deviation) +
      MISREAD_BY.reduce(
        (sum, { factor, share }) =>
          sum + share * normal(factor * mean, factor * deviation + Math.min(1, factor) * noise),
        0,
      ) +
      SLIPS.digit * normal(mean, Math.abs(mean) + 10 * noise) +
      (SLIPS.anything * Math.exp(-0.5 * far ** 2)) / (size + Math.abs(value)) / ANYTHING_LOG,
  );
}

function logNormal(value: number, mean: number, deviation: number): number {
  const off = (value - mean) / deviation;
  return -0.5 * (off * off + LOG_TWO_PI) - Math.log(deviation);
}

function covariance(first: Prediction, second: Prediction): number {
  let sum = 0;
  for (let index = 0; index < first.spread.length; index += 1) {
    sum += first.spread[index]! * second.spread[index]!;
  }
  return sum;
}

/** Lower triangle L of `A = L·Lᵀ`; the noise of every reading keeps A positive definite. */
function cholesky(lower: readonly (readonly number[])[]): number[][] {
  const factor: number[][] = [];
  lower.forEach((row, index) => {
    const out: number[] = [];
    for (let column = 0; column <= index; column += 1) {
      let sum = row[column]!;
      const other = column === index ? out : factor[column]!;
      for (let k = 0; k < column; k += 1) sum -= out[k]! * other[k]!;
      out.push(column === index ? Math.sqrt(Math.max(sum, 1e-30)) : sum / other[column]!);
    }
    factor.push(out);
  });
  return factor;
}

function forward(factor: readonly (readonly number[])[], right: readonly number[]): number[] {
  const solved: number[] = [];
  factor.forEach((row, index) => {
    let sum = right[index]!;
    for (let k = 0; k < index; k += 1) sum -= row[k]! * solved[k]!;
    solved.push(sum / row[index]!);
  });
  return solved;
}
