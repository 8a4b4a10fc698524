import type { Measurement } from '../../records/logbook/measurement';
import { NO_FAULT, type Hypothesis } from './causes';
import type { Prediction, Predictor } from './predictor';

/** One reading: what was measured, and what the meter showed (volts, amperes; for light 1 or 0). */
export interface Reading {
  readonly measurement: Measurement;
  readonly value: number;
}

/** How well a hypothesis predicts the readings, and what that says about the next one. */
export interface Evidence {
  readonly hypothesis: Hypothesis;
  /** Natural logarithm of the chance of exactly these readings, without the prior. */
  readonly logLikelihood: number;
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
  const physical = readings.filter(
    ({ measurement }, index) => measurement.kind !== 'lights' && index !== hypothesis.slip,
  );
  const predictions = physical.map(({ measurement }) => predictor.predict(measurement, hypothesis));
  const factor = cholesky(
    predictions.map((row, index) =>
      predictions
        .slice(0, index + 1)
        .map((column, other) => covariance(row, column) + (index === other ? row.noise ** 2 : 0)),
    ),
  );
  const offsets = physical.map(({ value }, index) => value - predictions[index]!.mean);
  const whitened = forward(factor, offsets);
  let logLikelihood = 0;
  whitened.forEach((one, index) => {
    logLikelihood -= 0.5 * (one * one + LOG_TWO_PI) + Math.log(factor[index]![index]!);
  });
  for (const { measurement, value } of readings) {
    if (measurement.kind !== 'lights') continue;
    const chance = predictor.predict(measurement, hypothesis).mean;
    logLikelihood += Math.log(value > 0.5 ? chance : 1 - chance);
  }
  const slipped = hypothesis.slip === null ? undefined : readings[hypothesis.slip];
  if (slipped !== undefined) {
    logLikelihood += slipLikelihood(
      predictor.predict(slipped.measurement, NO_FAULT),
      slipped.value,
    );
  }
  return {
    hypothesis,
    logLikelihood,
    predict: (next) => {
      const prediction = predictor.predict(next, hypothesis);
      const linked = forward(
        factor,
        predictions.map((one) => covariance(one, prediction)),
      );
      const mean = linked.reduce(
        (sum, one, index) => sum + one * whitened[index]!,
        prediction.mean,
      );
      const variance = linked.reduce(
        (sum, one) => sum - one * one,
        covariance(prediction, prediction) + prediction.noise ** 2,
      );
      return { mean, deviation: Math.sqrt(Math.max(variance, prediction.noise ** 2)) };
    },
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

/** Shares of what goes wrong with a reading (from memory): a lead slipped or in the wrong socket, swapped, anything. */
const SLIPS = { nothing: 0.5, swapped: 0.2, anything: 0.3 } as const;

function slipLikelihood(prediction: Prediction, value: number): number {
  const { mean, noise } = prediction;
  const deviation = Math.sqrt(covariance(prediction, prediction) + noise ** 2);
  return Math.log(
    SLIPS.nothing * Math.exp(logNormal(value, 0, 3 * noise)) +
      SLIPS.swapped * Math.exp(logNormal(value, -mean, deviation)) +
      SLIPS.anything * Math.exp(logNormal(value, mean, 3 * Math.abs(mean) + 10 * noise)),
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
