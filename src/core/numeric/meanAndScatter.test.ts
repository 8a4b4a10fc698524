import { mean, sampleDeviation } from './meanAndScatter';

test('mean and sample standard deviation of 2 4 4 4 5 5 7 9: 5 and √(32/7), worked out by hand', () => {
  const values = [2, 4, 4, 4, 5, 5, 7, 9];
  expect(mean(values)).toBe(5);
  expect(sampleDeviation(values)).toBeCloseTo(Math.sqrt(32 / 7), 12);
});

test('of too few values nothing is made up', () => {
  expect(mean([])).toBeNaN();
  expect(sampleDeviation([3])).toBeNull();
});
