import { typicalModel, cellBuild } from '../recipes/cellBuild';
import { bodyOf } from '../recipes/recipe';
import { overpotentialVolts, type CellModel } from '../cell/cellModel';
import { RECIPES } from '../recipes/recipes';
import { DrawnBattery, gridShape, type BatteryShape } from './drawnBattery';
import { lossOf } from './lossTable';
import { CLASS_SCATTER } from './scatter';

const recipe = RECIPES['copper-zinc-fruit'];
/** A lemon with its whole curve. */
const lemon: CellModel = typicalModel(cellBuild(recipe, bodyOf(recipe, 'lemon')));
const straight: CellModel = { emfVolts: 0.93, resistanceOhms: 654 };

/** A battery whose cells have so many times the usual resistance, and joints of so many ohms each. */
function drawn(shape: BatteryShape, factors: readonly number[], jointOhms = 0): DrawnBattery {
  const battery = new DrawnBattery(shape, CLASS_SCATTER);
  battery.draw(Float64Array.from(factors), 0, 1, (joints) => joints * jointOhms);
  return battery;
}

/** Volts of strings of one cell each that give a current together, by halving: no tangents, no tables. */
function exactVolts(cell: CellModel, factors: readonly number[], amps: number): number {
  const ampsOf = (factor: number, volts: number): number => {
    let low = -0.1;
    let high = 0.1;
    for (let step = 0; step < 80; step += 1) {
      const middle = (low + high) / 2;
      const given = cell.emfVolts - overpotentialVolts(cell, factor * middle);
      if (given > volts) low = middle;
      else high = middle;
    }
    return low;
  };
  let low = -1;
  let high = 2;
  for (let step = 0; step < 60; step += 1) {
    const volts = (low + high) / 2;
    const together = factors.reduce((sum, factor) => sum + ampsOf(factor, volts), 0);
    if (together > amps) low = volts;
    else high = volts;
  }
  return low;
}

/**
 * @check a weak string beside a strong one, each on its own curve
 * @origin closed form: the two curves cut at one voltage, found by halving
 * @tolerance 1 mV
 */
test.each([
  [[1, 1], 0.2e-3],
  [[0.6, 2.4], 0.4e-3],
  [[0.4, 3], 0.8e-3],
  [[0.5, 1, 2.5], 0.9e-3],
])('strings of %p times the resistance share %p A as their curves bid', (factors, amps) => {
  const battery = drawn(gridShape(lemon, 1, factors.length), factors);
  expect(Math.abs(battery.at(amps).volts - exactVolts(lemon, factors, amps))).toBeLessThan(1e-3);
});

test('straight strings share it exactly, joints counted: n cells have n + 1', () => {
  const battery = drawn(gridShape(straight, 2, 2), [1, 1, 2, 2], 10);
  const first = 2 * 654 + 3 * 10;
  const second = 4 * 654 + 3 * 10;
  const ohms = 1 / (1 / first + 1 / second);
  const { volts, ohms: inside } = battery.at(1e-3);
  expect(inside).toBeCloseTo(ohms, 9);
  expect(volts).toBeCloseTo(2 * 0.93 - 1e-3 * ohms, 12);
  expect([battery.cells, battery.joints]).toEqual([4, 6]);
});

test('scatter of the volts: a string adds variances, strings side by side share them by conductance', () => {
  const one = (CLASS_SCATTER.emfShare * 0.93) ** 2;
  expect(drawn(gridShape(straight, 3, 1), [1, 1, 1]).at(0).variance).toBeCloseTo(3 * one, 12);
  // Two equal strings: each counts half.
  expect(drawn(gridShape(straight, 3, 2), [1, 1, 1, 1, 1, 1]).at(0).variance).toBeCloseTo(
    (3 * one) / 2,
    12,
  );
});

test('a group stands in its string as its strings side by side do', () => {
  const group: BatteryShape = [[straight, { strings: [[straight], [straight]] }]];
  const { volts, ohms, variance } = drawn(group, [1, 1, 1]).at(1e-3);
  expect(variance / (CLASS_SCATTER.emfShare * 0.93) ** 2).toBeCloseTo(1.5, 9);
  expect(ohms).toBeCloseTo(654 + 654 / 2, 9);
  expect(volts).toBeCloseTo(2 * 0.93 - 1e-3 * 1.5 * 654, 12);
});

test('each class begins where the one before ended among the factors', () => {
  const battery = new DrawnBattery(gridShape(straight, 1, 1), CLASS_SCATTER);
  const factors = Float64Array.from([1, 3]);
  battery.draw(factors, 1, 1, () => 0);
  expect(battery.at(1e-3).ohms).toBeCloseTo(3 * 654, 9);
});

/**
 * @check the table of a cell’s losses
 * @origin closed form: the curve itself
 * @tolerance 0.05 mV, 2 % of the slope
 */
test('between its nodes the table follows the curve, and beyond its end the curve is asked', () => {
  const loss = lossOf(lemon);
  const at = (amps: number) => {
    loss.ofCells(Float64Array.of(7, 1), 1, 1, 1, amps);
    return loss;
  };
  expect(loss.straight).toBe(false);
  const limit = lemon.limitingAmps ?? 1e-3;
  for (const share of [0.001, 0.013, 0.11, 0.37, 0.71, 0.93, 0.97, 1.05, -0.2]) {
    const amps = share * limit;
    expect(Math.abs(at(amps).volts - overpotentialVolts(lemon, amps))).toBeLessThan(5e-5);
    const step = 1e-4 * limit;
    const slope =
      (overpotentialVolts(lemon, amps + step) - overpotentialVolts(lemon, amps - step)) /
      (2 * step);
    expect(Math.abs(at(amps).ohms / slope - 1)).toBeLessThan(0.02);
  }
  expect(lossOf(lemon)).toBe(lossOf(lemon));
  expect(lossOf(straight).straight).toBe(true);
  lossOf(straight).ofCells(Float64Array.of(0.5, 1.5), 0, 2, 2, 1e-3);
  expect(lossOf(straight).volts).toBeCloseTo(2.616, 12);
  expect(lossOf(straight).ohms).toBeCloseTo(2616, 9);
});
