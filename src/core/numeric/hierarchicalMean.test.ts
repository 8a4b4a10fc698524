import { hierarchicalMean } from './hierarchicalMean';

const PRIOR = { mean: 0.9, deviation: 0.05 };
const USUAL = { within: 0.04, between: 0.02 };

/** Solves A·x = b by elimination; small and well-conditioned only. */
function solved(matrix: number[][], right: number[]): number[] {
  const rows = matrix.map((row, index) => [...row, right[index]!]);
  rows.forEach((pivotRow, pivot) => {
    for (let row = 0; row < rows.length; row += 1) {
      if (row === pivot) continue;
      const factor = rows[row]![pivot]! / pivotRow[pivot]!;
      rows[row] = rows[row]!.map((value, column) => value - factor * pivotRow[column]!);
    }
    rows[pivot] = rows[pivot]!.map((value) => value / pivotRow[pivot]!);
  });
  return rows.map((row) => row.at(-1)!);
}

/**
 * @check the mean of lessons within a school
 * @origin closed form: the joint normal distribution of all values, conditioned on them
 * @tolerance 5e-13
 */
test('closed form: the joint normal distribution of all values, conditioned on them (textbook formula)', () => {
  const groups = [[0.93, 0.95, 0.91], [0.88], [0.9, 0.94]];
  const found = hierarchicalMean(groups, PRIOR, USUAL);
  const { within, between } = found.scatter;
  const values = groups.flatMap((group, at) => group.map((value) => ({ value, at })));
  // Cov(y_i, y_j) = s² + τ² [same group] + σ² [same value]; Cov(θ, y_i) = s².
  const covariance = values.map((one, i) =>
    values.map(
      (other, j) =>
        PRIOR.deviation ** 2 +
        (one.at === other.at ? between ** 2 : 0) +
        (i === j ? within ** 2 : 0),
    ),
  );
  const weights = solved(
    covariance,
    values.map(() => PRIOR.deviation ** 2),
  );
  const mean =
    PRIOR.mean + weights.reduce((sum, w, i) => sum + w * (values[i]!.value - PRIOR.mean), 0);
  const variance =
    PRIOR.deviation ** 2 - weights.reduce((sum, w) => sum + w * PRIOR.deviation ** 2, 0);
  expect(found.mean).toBeCloseTo(mean, 12);
  expect(found.meanDeviation ** 2).toBeCloseTo(variance, 12);
});

test('without values the prior stays; with one value of an unknown school it hardly moves', () => {
  expect(hierarchicalMean([], PRIOR, USUAL)).toMatchObject({ mean: 0.9, meanDeviation: 0.05 });
  const one = hierarchicalMean([[1]], PRIOR, USUAL);
  // By hand: weights 1/0.05² = 400 and 1/(0.02² + 0.04²) = 500.
  expect(one.mean).toBeCloseTo((400 * 0.9 + 500 * 1) / 900, 12);
});

test('many cells of one lesson count less than as many of several lessons', () => {
  const cells = Array.from({ length: 12 }, (_, index) => 1 + (index % 2 === 0 ? 0.01 : -0.01));
  const single = hierarchicalMean([cells], PRIOR, USUAL);
  const several = hierarchicalMean(
    [cells.slice(0, 4), cells.slice(4, 8), cells.slice(8)],
    PRIOR,
    USUAL,
  );
  expect(several.meanDeviation).toBeLessThan(single.meanDeviation);
  expect(Math.abs(several.mean - 1)).toBeLessThan(Math.abs(single.mean - 1));
});

test('scatters: within is the pooled variance weighed with the usual one, levels by the method of moments', () => {
  const groups = [
    [1, 1.2],
    [2, 2.2],
    [3, 3.2],
  ];
  const { scatter } = hierarchicalMean(groups, PRIOR, USUAL);
  // Within: squares 3 × 0.02 with 3 degrees of freedom, and 4 × 0.04² usual ones.
  const within = (4 * 0.04 ** 2 + 0.06) / 7;
  expect(scatter.within ** 2).toBeCloseTo(within, 12);
  // Levels: squares between 2 × (1 + 0 + 1) = 4, less 2 × within, over 6 − 12/6 = 4.
  const between = (3 * 0.02 ** 2 + 2 * ((4 - 2 * within) / 4)) / 5;
  expect(scatter.between ** 2).toBeCloseTo(between, 12);
});

test('with ever more lessons the mean goes to theirs, whatever the recipe said', () => {
  const lessons = Array.from({ length: 200 }, (_, index) => [0.7 + (index % 3) * 0.01, 0.72]);
  const { mean, meanDeviation } = hierarchicalMean(lessons, PRIOR, USUAL);
  expect(mean).toBeCloseTo(0.715, 2);
  expect(meanDeviation).toBeLessThan(0.005);
});
