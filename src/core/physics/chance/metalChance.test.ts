import { normalShareBelow } from '../../numeric/normalShare';
import { chanceThatMetalLasts, type StringOnMetal } from './metalChance';
import { randomStream } from './random';
import { CLASS_SCATTER } from './scatter';

const string: StringOnMetal = {
  cells: 4,
  metalAmps: 2e-3,
  parasiticAmps: 0.5e-3,
  meanAmps: 1e-3,
  openVolts: 6,
  loadVolts: 2,
};

/** Classes drawn one by one: the current with the mean size of the string and its volts, what eats each cell with its own size. */
function drawnShare(one: StringOnMetal, strings: number, classes: number): number {
  const random = randomStream(3);
  const { emfShare, resistanceLog } = CLASS_SCATTER;
  let lasting = 0;
  for (let index = 0; index < classes; index += 1) {
    let lasts = true;
    for (let s = 0; s < strings; s += 1) {
      const sizes = Array.from({ length: one.cells }, () => resistanceLog * random.normal());
      const mean = sizes.reduce((sum, size) => sum + size, 0) / one.cells;
      const volts = (emfShare * one.openVolts * random.normal()) / Math.sqrt(one.cells);
      const driving = one.openVolts - one.loadVolts;
      const amps = one.meanAmps * Math.exp(mean) * (1 + volts / driving);
      const largest = Math.max(...sizes);
      if (amps + one.parasiticAmps * Math.exp(largest) > one.metalAmps) lasts = false;
    }
    if (lasts) lasting += 1;
  }
  return lasting / classes;
}

/**
 * @check the share of classes whose metal lasts
 * @origin closed form: against classes drawn cell by cell
 * @tolerance 0.03
 */
test.each([
  [1, 2e-3, 0.5e-3],
  [3, 2e-3, 0.5e-3],
  [3, 2.4e-3, 0.5e-3],
  [1, 1.2e-3, 0.1e-3],
  [8, 1.6e-3, 0.02e-3],
  [1, 1.3e-3, 1.0e-3],
])('%p strings, metal for %p A of which %p A are lost', (strings, metalAmps, parasiticAmps) => {
  const one = { ...string, metalAmps, parasiticAmps, meanAmps: 1e-3 };
  const all = new Array<StringOnMetal>(strings).fill(one);
  expect(Math.abs(chanceThatMetalLasts(all) - drawnShare(one, strings, 10_000))).toBeLessThan(0.03);
});

test('plenty lasts, nothing does not; without loss beside the current it is the normal distribution', () => {
  expect(chanceThatMetalLasts([{ ...string, metalAmps: 1 }])).toBe(1);
  expect(chanceThatMetalLasts([{ ...string, metalAmps: Infinity }])).toBe(1);
  expect(chanceThatMetalLasts([{ ...string, meanAmps: 0, parasiticAmps: 0 }])).toBe(1);
  expect(chanceThatMetalLasts([{ ...string, metalAmps: 0.2e-3 }])).toBeLessThan(1e-4);
  const bare = { ...string, parasiticAmps: 0, metalAmps: 1.2e-3 };
  const scatter = Math.hypot(0.3, 0.04 * (6 / 4)) / Math.sqrt(4);
  expect(chanceThatMetalLasts([bare])).toBeCloseTo(normalShareBelow(Math.log(1.2) / scatter), 9);
  expect(chanceThatMetalLasts([bare, bare])).toBeCloseTo(chanceThatMetalLasts([bare]) ** 2, 12);
});
