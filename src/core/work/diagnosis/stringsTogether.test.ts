import { stringsTogether, type JoinedStrings } from './stringsTogether';

const source = (
  emf: number,
  ohms: number,
  emfSpread: readonly number[],
  ohmsSpread: readonly number[],
): JoinedStrings => ({
  emf,
  ohms,
  emfSpread: Float64Array.from(emfSpread),
  ohmsSpread: Float64Array.from(ohmsSpread),
});
const strings = (emfs: readonly [number, number], ohms: readonly [number, number]): JoinedStrings =>
  stringsTogether(
    [source(emfs[0], ohms[0], [1, 0], [0, 1]), source(emfs[1], ohms[1], [0, 0], [0, 0])],
    2,
  );

/**
 * @check strings side by side
 * @origin closed form: Millman’s theorem
 * @tolerance twelve digits
 */
test('two unlike strings: the volts lie between them, nearer to the one with less resistance', () => {
  const { emf, ohms } = strings([1, 2], [100, 300]);
  expect(ohms).toBeCloseTo(75, 12);
  expect(emf).toBeCloseTo((1 / 100 + 2 / 300) * 75, 12);
});

test('equal strings: the same volts, half the resistance, half of what one of them varies', () => {
  const { emf, ohms, emfSpread, ohmsSpread } = strings([2, 2], [200, 200]);
  expect([emf, ohms]).toEqual([2, 100]);
  expect([...emfSpread]).toEqual([0.5, 0]);
  expect([...ohmsSpread]).toEqual([0, 0.25]);
});

/**
 * @check how the battery follows one string
 * @origin closed form: central differences of the same theorem
 * @tolerance 1e-7
 */
test('slopes are what a small change does', () => {
  const { emfSpread, ohmsSpread } = strings([1, 2], [100, 300]);
  const step = 1e-4;
  const up = strings([1 + step, 2], [100, 300]);
  const down = strings([1 - step, 2], [100, 300]);
  expect(emfSpread[0]).toBeCloseTo((up.emf - down.emf) / (2 * step), 7);
  expect(ohmsSpread[0]).toBeCloseTo((up.ohms - down.ohms) / (2 * step), 7);
  const more = strings([1, 2], [100 + step, 300]);
  const less = strings([1, 2], [100 - step, 300]);
  expect(emfSpread[1]).toBeCloseTo((more.emf - less.emf) / (2 * step), 7);
  expect(ohmsSpread[1]).toBeCloseTo((more.ohms - less.ohms) / (2 * step), 7);
});
