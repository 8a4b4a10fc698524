import { battery, volts } from '@/testing/core/diagnosisBattery';
import type { Measurement } from '../../records/logbook/measurement';
import { NO_FAULT, type Hypothesis } from './causes';
import { evidenceOf, unexplainedLikelihood, type Reading } from './evidence';
import { Predictor } from './predictor';
import type { Prediction } from './shownByMeter';

const predictor = new Predictor(battery(4));
const one: Measurement = volts(1);
const two: Measurement = volts(2);
const short: Measurement = { kind: 'short', string: 1, built: 1 };
const of = (measurement: Measurement): Prediction => predictor.predict(measurement, NO_FAULT);
const dot = (a: Prediction, b: Prediction): number =>
  a.spread.reduce((sum, value, index) => sum + value * b.spread[index]!, 0);
const density = (value: number, mean: number, deviation: number): number =>
  Math.exp(-0.5 * ((value - mean) / deviation) ** 2) / (deviation * Math.sqrt(2 * Math.PI));
/** Half of the classes scatter as is assumed, half of them 1.7 times as much. */
const SCALES = [1, 1.7];

/**
 * @check the chance of one reading
 * @origin closed form: the density of a normal distribution, mixed of two sizes of scatter
 * @tolerance nine digits
 */
test.each([0.93, 0.9, 0.7, 0.1, -0.93])('volts of one cell that read %p V', (value) => {
  const { mean, noise } = of(one);
  const expected = SCALES.reduce((sum, scale) => {
    const deviation = Math.hypot(scale * Math.sqrt(dot(of(one), of(one))), noise);
    return sum + 0.5 * density(value, mean, deviation);
  }, 0);
  const { logLikelihood } = evidenceOf(predictor, NO_FAULT, [{ measurement: one, value }]);
  expect(logLikelihood).toBeCloseTo(Math.log(expected), 9);
});

/**
 * @check the chance of a current
 * @origin closed form: the density of a log-normal distribution, change of variable included
 * @tolerance nine digits
 */
test.each([1.4e-3, 0.7e-3, 3e-3])('currents are compared by their logarithms: %p A', (value) => {
  const { mean, noise } = of(short);
  const expected = SCALES.reduce((sum, scale) => {
    const deviation = Math.hypot(scale * Math.sqrt(dot(of(short), of(short))), noise) / mean;
    return sum + (0.5 * density(Math.log(value), Math.log(mean), deviation)) / value;
  }, 0);
  const { logLikelihood } = evidenceOf(predictor, NO_FAULT, [{ measurement: short, value }]);
  expect(logLikelihood).toBeCloseTo(Math.log(expected), 9);
});

/**
 * @check what a reading says about the next one
 * @origin closed form: the conditional distribution of two jointly normal quantities
 * @tolerance nine digits
 */
test.each([0.93, 0.9, 0.85])(
  'after %p V across cell 1, cells 1–2 are expected about so',
  (value) => {
    const scatter = of(one);
    const next = of(two);
    // Of the two sizes of scatter the one that explains the reading better.
    const [scale] = SCALES.map((size) => {
      const deviation = Math.hypot(size * Math.sqrt(dot(scatter, scatter)), scatter.noise);
      return { size, chance: density(value, scatter.mean, deviation) };
    }).sort((a, b) => b.chance - a.chance);
    const square = (scale?.size ?? 0) ** 2;
    const variance = square * dot(scatter, scatter) + scatter.noise ** 2;
    const both = square * dot(scatter, next);
    const evidence = evidenceOf(predictor, NO_FAULT, [{ measurement: one, value }]);
    const { mean, deviation } = evidence.predict(two);
    expect(mean).toBeCloseTo(next.mean + (both / variance) * (value - scatter.mean), 9);
    expect(deviation ** 2).toBeCloseTo(
      square * dot(next, next) + next.noise ** 2 - both ** 2 / variance,
      9,
    );
  },
);

test('each reading narrows what the next may show, and moves it its own way; never below the noise of the meter', () => {
  const before = evidenceOf(predictor, NO_FAULT, []).predict(two);
  const after = evidenceOf(predictor, NO_FAULT, [{ measurement: one, value: 0.93 }]).predict(two);
  expect(after.deviation).toBeLessThan(0.9 * before.deviation);
  const low = evidenceOf(predictor, NO_FAULT, [{ measurement: one, value: 0.89 }]).predict(two);
  expect(low.mean).toBeLessThan(after.mean);
  const again = evidenceOf(predictor, NO_FAULT, [
    { measurement: one, value: 0.93 },
    { measurement: two, value: 1.86 },
    { measurement: two, value: 1.86 },
  ]).predict(two);
  expect(again.deviation).toBeGreaterThanOrEqual(of(two).noise);
  expect(again.mean).toBeCloseTo(1.86, 2);
});

const slip = (kind: Hypothesis['kind'] = 'slip'): Hypothesis => ({ ...NO_FAULT, kind, slip: 0 });
const slipped = (value: number, other: Reading[] = []): number =>
  evidenceOf(predictor, slip(), [{ measurement: one, value }, ...other]).logLikelihood;

test('a slip leaves the other readings as they are, and explains nothing, swapped leads and a lost point best', () => {
  const mean = of(one).mean;
  const sound: Reading = { measurement: two, value: 1.86 };
  expect(slipped(0, [sound]) - slipped(0)).toBeCloseTo(
    evidenceOf(predictor, NO_FAULT, [sound]).logLikelihood,
    9,
  );
  for (const likely of [0, -mean, mean / 10]) {
    expect(slipped(likely)).toBeGreaterThan(slipped(0.55 * mean) + 1);
    expect(slipped(likely)).toBeGreaterThan(
      evidenceOf(predictor, NO_FAULT, [{ measurement: one, value: likely }]).logLikelihood + 5,
    );
  }
  expect(slipped(10 * mean)).toBeGreaterThan(slipped(16 * mean) + 1);
});

test('eyes: a device that runs speaks for what lets it run', () => {
  const lit = battery(4, { load: { kind: 'resistor', ohms: 3300 }, runsFromAmps: 1e-4 });
  const eyes = new Predictor(lit);
  const runs: Measurement = { kind: 'lights', turned: false };
  const { mean } = eyes.predict(runs, NO_FAULT);
  expect(mean).toBeGreaterThan(0.9);
  const seen = (value: number): number =>
    evidenceOf(eyes, NO_FAULT, [{ measurement: runs, value }]).logLikelihood;
  expect(seen(1)).toBeCloseTo(Math.log(mean), 9);
  expect(seen(0)).toBeCloseTo(Math.log(1 - mean), 9);
});

/**
 * @check readings that nothing explains
 * @origin closed form: a wide normal distribution below what a sound battery reads
 * @tolerance nine digits
 */
test('what nothing explains is wide, and worth less than a fit', () => {
  const { mean, noise } = of(one);
  const readings: Reading[] = [{ measurement: one, value: 0.5 }];
  expect(unexplainedLikelihood(predictor, readings)).toBeCloseTo(
    Math.log(density(0.5, 0.7 * mean, Math.max(0.6 * mean, 4 * noise))),
    9,
  );
  const fitting: Reading[] = [{ measurement: one, value: mean }];
  expect(evidenceOf(predictor, NO_FAULT, fitting).logLikelihood).toBeGreaterThan(
    unexplainedLikelihood(predictor, fitting) + 1,
  );
  expect(
    unexplainedLikelihood(predictor, [
      { measurement: { kind: 'lights', turned: false }, value: 1 },
    ]),
  ).toBe(Math.log(0.5));
});

test('a slip beside a fault is a slip about what the fault would have shown', () => {
  const turned: Hypothesis['changes'] = [
    { string: 1, cell: 1, inner: null, faults: [{ kind: 'reversed' }], sharesNext: false },
  ];
  const fault: Hypothesis = {
    ...NO_FAULT,
    kind: 'reversed',
    cause: 'r',
    string: 1,
    cell: 1,
    changes: turned,
  };
  const pair: Hypothesis = { ...fault, kind: 'pair', cause: 'p', slip: 0, parts: [fault, slip()] };
  const mean = predictor.predict(one, fault).mean;
  expect(mean).toBeLessThan(-0.9);
  const of = (hypothesis: Hypothesis, value: number): number =>
    evidenceOf(predictor, hypothesis, [{ measurement: one, value }]).logLikelihood;
  // Ten times what is there: a point that was misread.
  expect(of(pair, 10 * mean)).toBeGreaterThan(of(slip(), 10 * mean) + 3);
  expect(of(slip(), -10 * mean)).toBeGreaterThan(of(pair, -10 * mean) + 3);
});
