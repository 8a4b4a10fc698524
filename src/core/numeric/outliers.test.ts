import fc from 'fast-check';
import { deviationsFromMedian, FAR_FROM_DEVIATIONS } from './outliers';

const far = (groups: readonly (readonly number[])[], least = 1e-6): number[][] =>
  deviationsFromMedian(groups, least).map((group) =>
    group.flatMap((one, index) => (Math.abs(one) > FAR_FROM_DEVIATIONS ? [index] : [])),
  );

test('one group by hand: median 3, absolute deviations 2 1 1 97 without the middle, their median 1.5', () => {
  const [found] = deviationsFromMedian([[1, 2, 3, 4, 100]], 0);
  expect(found![4]).toBeCloseTo(97 / (1.4826 * 1.5), 9);
  expect(far([[1, 2, 3, 4, 100]])).toEqual([[4]]);
});

test('a slip of the decimal point is far off, even where it would hide in its own standard deviation', () => {
  expect(
    far([
      [0.93, 0.94, 9.2],
      [0.95, 0.96, 0.94],
      [0.91, 0.92, 0.9],
    ]),
  ).toEqual([[2], [], []]);
});

test('of two values nobody can say which is odd', () => {
  expect(
    far([
      [0.9, 9],
      [0.9, 0.91, 0.92],
    ]),
  ).toEqual([[], []]);
});

test('the last digit of the meter is no outlier where all others are alike', () => {
  const groups = [
    [0.9, 0.9, 0.91],
    [0.8, 0.8, 0.8],
  ];
  expect(far(groups, 0.005)).toEqual([[], []]);
});

test('neither the scale of the values nor the order of the groups matters', () => {
  const group = fc.array(fc.double({ min: 0.5, max: 2, noNaN: true }), {
    minLength: 3,
    maxLength: 6,
  });
  fc.assert(
    fc.property(fc.array(group, { minLength: 1, maxLength: 4 }), (groups) => {
      const plain = deviationsFromMedian(groups, 0.01);
      const scaled = deviationsFromMedian(
        groups.map((values) => values.map((value) => 1000 * value)),
        10,
      );
      const turned = deviationsFromMedian([...groups].reverse(), 0.01).toReversed();
      plain.forEach((values, row) => {
        values.forEach((value, column) => {
          expect(scaled[row]![column]).toBeCloseTo(value, 6);
          expect(turned[row]![column]).toBeCloseTo(value, 12);
        });
      });
    }),
  );
});
