import { inverse, Matrix } from 'ml-matrix';
import { randomStream } from '../chance/random';
import { typicalModel } from '../recipes/cellBuild';
import { RECIPE_IDS } from '../recipes/recipe';
import { RECIPES } from '../recipes/recipes';
import { usualCell } from '../../../testing/core/cells';
import { bandOf, beliefBeforeReading, levelsOfRecipe, narrowedBelief } from './cellBelief';
import type { CellBelief } from './cellBelief';

const fruit: CellBelief = {
  shortAmps: Math.sqrt(0.2e-3 * 1e-3),
  openVolts: 0.9,
  level: { ampsLog: 0.27, voltsShare: Math.hypot(0.02, 0.02) },
  cellsRead: 0,
};
const read = (...milliamps: number[]) =>
  milliamps.map((one) => ({ shortAmps: one / 1000, openVolts: null }));

/**
 * @check the band of an average cell of a class: nobody read, one cell, three cells
 * @origin common practice: no source; the ranges of fruit, worked out by hand
 * @tolerance 0.01 mA
 */
test.each([
  [[], 0.26, 0.77],
  [[0.3], 0.25, 0.56],
  [[0.3, 0.36, 0.33], 0.27, 0.48],
])('%p mA read: %p to %p mA', (milliamps, low, high) => {
  const [least, most] = bandOf(narrowedBelief(fruit, read(...milliamps)));
  expect(Math.abs(1000 * least - low)).toBeLessThan(0.0101);
  expect(Math.abs(1000 * most - high)).toBeLessThan(0.0101);
});

/**
 * @check a belief after readings
 * @origin library: the joint normal of level and readings conditioned by matrices (ml-matrix)
 * @tolerance 1e-9
 */
test.each([1, 2, 5])('%p readings: the joint normal, conditioned', (count) => {
  const logs = Array.from({ length: count }, (_, index) => Math.log(0.3e-3) + 0.1 * index);
  const between = 0.27 ** 2;
  const within = 0.3 ** 2 + 0.05 ** 2;
  const covariance = Matrix.eye(count).mul(within).add(Matrix.ones(count, count).mul(between));
  const weights = Matrix.ones(1, count).mul(between).mmul(inverse(covariance));
  const prior = Math.log(fruit.shortAmps);
  const off = Matrix.columnVector(logs.map((one) => one - prior));
  const mean = prior + weights.mmul(off).get(0, 0);
  const variance = between - weights.mmul(Matrix.ones(count, 1).mul(between)).get(0, 0);
  const after = narrowedBelief(
    fruit,
    logs.map((one) => ({ shortAmps: Math.exp(one), openVolts: null })),
  );
  expect(Math.log(after.shortAmps)).toBeCloseTo(mean, 9);
  expect(after.level.ampsLog).toBeCloseTo(Math.sqrt(variance), 9);
  expect(after.level.voltsShare).toBe(fruit.level.voltsShare);
  expect(after.cellsRead).toBe(count);
});

/**
 * @check a belief after one reading
 * @origin closed form: of many drawn lessons those whose first cell read just that
 * @tolerance 0.02 of the mean and of the deviation, both as logarithms
 */
test('drawn lessons whose first cell read 0.3 mA have the levels that are believed then', () => {
  const random = randomStream(3);
  const levels: number[] = [];
  for (let lesson = 0; lesson < 200_000; lesson += 1) {
    const level = Math.log(fruit.shortAmps) + 0.27 * random.normal();
    const first = level + Math.hypot(0.3, 0.05) * random.normal();
    if (Math.abs(first - Math.log(0.3e-3)) < 0.03) levels.push(level);
  }
  const mean = levels.reduce((sum, one) => sum + one, 0) / levels.length;
  const variance = levels.reduce((sum, one) => sum + (one - mean) ** 2, 0) / levels.length;
  const after = narrowedBelief(fruit, read(0.3));
  expect(Math.abs(Math.log(after.shortAmps) - mean)).toBeLessThan(0.02);
  expect(Math.abs(after.level.ampsLog - Math.sqrt(variance))).toBeLessThan(0.02);
});

test.each(RECIPE_IDS)(
  '%s: unread it is the typical cell, and its single cells fill the range',
  (id) => {
    const cell = usualCell(RECIPES[id]);
    const { level, cellsRead } = beliefBeforeReading(cell, null);
    expect(cellsRead).toBe(0);
    expect(cell.model.emfVolts).toBeCloseTo(typicalModel(cell).emfVolts, 9);
    const { shortAmpsLow, shortAmpsHigh } = RECIPES[id].typical;
    const one = Math.hypot(level.ampsLog, 0.3);
    const whole = Math.log(shortAmpsHigh / shortAmpsLow) / 4;
    expect(one).toBeGreaterThanOrEqual(Math.max(whole, Math.hypot(0.17, 0.3)) - 1e-9);
    expect(one).toBeLessThanOrEqual(Math.max(whole, 0.36) + 1e-9);
    expect(levelsOfRecipe(cell).ampsLog * Math.SQRT2).toBeCloseTo(level.ampsLog, 12);
  },
);

test('the school’s figures take the recipe’s place; widely apart lessons leave a wide level', () => {
  const cell = usualCell(RECIPES['copper-zinc-fruit']);
  const figures = (logDeviation: number) =>
    beliefBeforeReading(cell, {
      cells: 20,
      lessons: 2,
      openCircuitVolts: { mean: 0.9, deviation: 0.04 },
      shortCircuitAmps: { mean: 0.6e-3, logDeviation },
    });
  expect(figures(0.35).shortAmps).toBeCloseTo(0.6e-3, 9);
  expect(figures(0.35).level.ampsLog).toBeCloseTo(Math.sqrt(0.35 ** 2 - 0.3 ** 2), 9);
  expect(figures(0.8).level.ampsLog).toBeGreaterThan(0.7);
  expect(figures(0.1).level.ampsLog).toBeCloseTo(0.12, 2);
});
