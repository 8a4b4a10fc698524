import { evaluatePlan } from '../judging/evaluatePlan';
import { verdictOf } from '../judging/verdict';
import { EXAMPLE_PLAN } from './examplePlan';
import { exampleAt } from './stationHelp';
import { STATION_SLUGS, WHAT_HAPPENS } from './whatHappens';

const told = (station: (typeof STATION_SLUGS)[number]): string =>
  exampleAt(station).lines.join(' ').replaceAll('\u00a0', ' ');

/** The numbers of a sum `(a − b) ÷ c = d`, in its order. */
const numbersOf = (sum: string): number[] => (sum.match(/\d+(\.\d+)?/g) ?? []).map(Number);

test('the example is a plan that works, so that nobody learns from a failure', () => {
  expect(verdictOf(evaluatePlan(EXAMPLE_PLAN)).tone).toBe('fine');
});

test('each station has its example with figures, and no two the same', () => {
  const all = STATION_SLUGS.map(told);
  expect(new Set(all).size).toBe(STATION_SLUGS.length);
  for (const text of all) expect(text).toMatch(/\d/);
  expect(Object.keys(WHAT_HAPPENS)).toEqual([...STATION_SLUGS]);
});

test('sums of the example can be checked by hand, to the digits shown', () => {
  const [series = '', parallel = '', current = ''] = exampleAt('arrange').lines;
  const [, count = 0, each = 0, open = 0] = numbersOf(series);
  // Each figure is rounded to a hundredth.
  expect(Math.abs(count * each - open)).toBeLessThanOrEqual(0.005 * (count + 1));
  const [strings = 0, together = 0, across = 0, each1 = 0] = numbersOf(parallel);
  expect(across).toBe(strings);
  expect(together / across / each1).toBeCloseTo(1, 1);
  const [holds = 0, from = 0, less = 0, through = 0, milliamps = 0] = numbersOf(current);
  expect(less).toBe(holds);
  expect((1000 * (from - less)) / through / milliamps).toBeCloseTo(1, 1);
});

test('what must be bought is what all groups build and the spare ones', () => {
  const [all = '', more = ''] = exampleAt('ready').lines;
  const [groups = 0, , each = 0, kiwis = 0] = numbersOf(all);
  expect(groups * each).toBe(kiwis);
  const [spare = 0, buy = 0] = numbersOf(more);
  expect(kiwis + spare).toBe(buy);
});
