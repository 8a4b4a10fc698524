import { medianAbsoluteDeviation } from 'simple-statistics';
import fc from 'fast-check';
import { jStat } from 'jstat';
import { MAD_TO_DEVIATION, median, quantile, quartiles, robustDeviation } from './robust';
import { roundTicks } from './roundTicks';

const some = fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), {
  minLength: 2,
  maxLength: 40,
});

/**
 * @check quantiles and medians
 * @origin library: jStat
 * @tolerance 5e-7
 */
test('quantiles agree with the library’s', () => {
  fc.assert(
    fc.property(some, fc.double({ min: 0, max: 1, noNaN: true }), (values, share) => {
      expect(quantile(values, share)).toBeCloseTo(jStat.quantiles(values, [share], 1, 1)[0]!, 6);
      expect(median(values)).toBeCloseTo(jStat.quantiles(values, [0.5], 1, 1)[0]!, 6);
    }),
  );
});

/**
 * @check the deviation that one outlier does not move
 * @origin library: simple-statistics, median absolute deviation
 * @tolerance nine digits
 */
test('the robust deviation is the scaled median deviation of another library', () => {
  fc.assert(
    fc.property(some, (values) => {
      expect(robustDeviation(values)).toBeCloseTo(
        MAD_TO_DEVIATION * medianAbsoluteDeviation(values),
        9,
      );
    }),
  );
});

test('a robust deviation is that of the ordinary values, whatever one outlier does', () => {
  // 0.4 ± 0.02 as eight readings, and one that was misread tenfold.
  const ordinary = [0.37, 0.38, 0.39, 0.4, 0.4, 0.41, 0.42, 0.43];
  const plain = robustDeviation(ordinary);
  expect(plain).toBeGreaterThan(0.015);
  expect(robustDeviation([...ordinary, 4.1])).toBeLessThan(2 * plain);
  expect(quartiles(ordinary)[0]).toBeCloseTo(0.3875, 12);
});

test('ticks are round, inside their ends, and few', () => {
  expect(roundTicks(0, 1, 6)).toEqual([0, 0.2, 0.4, 0.6, 0.8, 1]);
  expect(roundTicks(0.27, 0.69, 6)).toEqual([0.3, 0.4, 0.5, 0.6]);
  fc.assert(
    fc.property(
      fc.double({ min: -100, max: 100, noNaN: true }),
      fc.double({ min: 1e-3, max: 1e3, noNaN: true }),
      (least, width) => {
        const ticks = roundTicks(least, least + width, 6);
        expect(ticks.length).toBeLessThanOrEqual(6);
        for (const tick of ticks) {
          expect(tick).toBeGreaterThanOrEqual(least - 1e-6 * width);
          expect(tick).toBeLessThanOrEqual(least + width * (1 + 1e-6));
        }
      },
    ),
  );
});
