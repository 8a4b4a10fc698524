import { jStat } from 'jstat';
import { normalShareBelow } from './normalShare';

/**
 * @check the normal distribution over its whole range
 * @origin library: jStat
 * @tolerance 1e-7
 */
test('agrees with a statistics library (jStat) over the whole range', () => {
  for (let deviations = -6; deviations <= 6; deviations += 0.05) {
    const difference = normalShareBelow(deviations) - jStat.normal.cdf(deviations, 0, 1);
    expect(Math.abs(difference)).toBeLessThan(1e-7);
  }
});

/**
 * @check values of the normal distribution
 * @origin published: M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions, table 26.1
 * @tolerance 5e-7
 */
test('values of the printed table (Abramowitz and Stegun, table 26.1)', () => {
  expect(normalShareBelow(0)).toBeCloseTo(0.5, 7);
  expect(normalShareBelow(1)).toBeCloseTo(0.841344746, 6);
  expect(normalShareBelow(-1.96)).toBeCloseTo(0.024997895, 6);
});
