import { cellBuild, type CellBuild, rangeOf, typicalModel } from '../recipes/cellBuild';
import type { CellBody } from '../recipes/bodies';
import { familyModel, familyBuild } from '../../../testing/core/cells';
import { CURRENT_RANGE_FACTS, suitableCurrentRange, type CurrentRange } from '../instruments/meter';
import { cellAmpsAt } from '../cell/cellModel';
import { cellFromReadings } from './ownCell';
import type { OwnReadings } from './ownReadings';
import { judgeCellReadings } from './judgeCellReadings';
import { RECIPES } from '../recipes/recipes';
import { bodyOf, familyOf, type Recipe, RECIPE_IDS } from '../recipes/recipe';

const fruit = RECIPES['copper-zinc-fruit'];
const kiwi = cellBuild(fruit, bodyOf(fruit, 'kiwi'));
const judge = (build: CellBuild, readings: OwnReadings) =>
  judgeCellReadings(build.recipe, rangeOf(build), readings);
const typicalCell = (recipe: Recipe, body: CellBody) => typicalModel(cellBuild(recipe, body));
const read = (openVolts: number, amps: number, meterRange: CurrentRange): OwnReadings => ({
  openCircuitVolts: openVolts,
  shortCircuit: { amps, meterRange, secondsAfter: null },
  loaded: [],
  kept: false,
});

test('the meter’s shunt is taken off the resistance', () => {
  const cell = cellFromReadings({ openVolts: 0.93, shortAmps: 1.4e-3, shuntOhms: 10 });
  expect(cell.ok && cell.value.resistanceOhms).toBeCloseTo(0.93 / 1.4e-3 - 10, 9);
});

test('a current that the shunt cannot let through is refused, with the reason', () => {
  const cell = cellFromReadings({ openVolts: 0.9, shortAmps: 0.2, shuntOhms: 100 });
  expect(cell.ok).toBe(false);
  expect(cell.ok ? '' : cell.issues[0]?.message).toContain('at most 9\u00a0mA');
});

test('shunts drop 200 mV at full scale (common practice, no source)', () => {
  for (const range of ['200 µA', '2 mA', '20 mA', '200 mA'] as const) {
    const { fullScaleAmps, shuntOhms } = CURRENT_RANGE_FACTS[range];
    expect(fullScaleAmps * shuntOhms).toBeCloseTo(0.2, 12);
  }
});

test('one 3-cell pile in brine, 19 mm coins: 2.1–2.4 V open, 1.2–1.4 mA short (common practice, no source)', () => {
  const cell = familyModel('coin-pile-brine');
  const openVolts = 3 * cell.emfVolts;
  // A third of the meter's shunt falls to each of the three cells.
  const metered = {
    ...cell,
    resistanceOhms: cell.resistanceOhms + CURRENT_RANGE_FACTS['20 mA'].shuntOhms / 3,
  };
  const shortAmps = cellAmpsAt(metered, 0);
  expect(openVolts).toBeGreaterThanOrEqual(2.1);
  expect(openVolts).toBeLessThanOrEqual(2.4);
  expect(1000 * shortAmps).toBeGreaterThanOrEqual(1.2);
  expect(1000 * shortAmps).toBeLessThanOrEqual(1.4);
});

test.each(RECIPE_IDS)('typical readings of %s lie in their own range and raise no doubt', (id) => {
  const recipe = RECIPES[id];
  const cell = familyModel(familyOf(id));
  const shortAmps = cellAmpsAt(cell, 0);
  expect(cell.emfVolts).toBeGreaterThanOrEqual(recipe.typical.openVoltsLow);
  expect(shortAmps).toBeGreaterThanOrEqual(recipe.typical.shortAmpsLow);
  expect(shortAmps).toBeLessThanOrEqual(recipe.typical.shortAmpsHigh);
  expect(
    judge(
      familyBuild(familyOf(id)),
      read(cell.emfVolts, shortAmps, suitableCurrentRange(shortAmps)),
    ),
  ).toEqual([]);
});

test.each([
  // 1.5 V from one copper–zinc cell is a wrong range or count (common practice, no source).
  [read(1.5, 1e-3, '20 mA'), 'above-ceiling'],
  [read(0.4, 1e-3, '20 mA'), 'low-volts'],
  [read(0.9, 30e-3, '20 mA'), 'over-range'],
  [read(0.9, 1.4, '10 A'), 'unit-slip'],
  [read(0.9, 15e-3, '20 mA'), 'high-current'],
  [read(0.9, 5e-6, '200 µA'), 'low-current'],
] as const)('%p is doubted: %p', (readings, code) => {
  const doubts = judge(kiwi, readings);
  expect(doubts.map((doubt) => doubt.code)).toEqual([code]);
  expect(doubts[0]?.remedy).not.toBe('');
});

test('a milliamp typed as an amp is recognised with its likely value', () => {
  const [doubt] = judge(kiwi, read(0.9, 1.4, '10 A'));
  expect(doubt?.remedy.replaceAll('\u00a0', ' ')).toContain('1.4 mA');
});

test('ranking of plants with the same electrodes: lemon, sweet potato, swede, carrot, potato (common practice, no source)', () => {
  const root = RECIPES['root-vegetable'];
  const lemon = typicalCell(fruit, bodyOf(fruit, 'lemon'));
  const roots = ['sweet-potato', 'swede', 'carrot', 'potato', 'boiled-potato'].map((id) =>
    typicalCell(root, bodyOf(root, id)),
  );
  const volts = [lemon, ...roots.slice(0, 4)].map(({ emfVolts }) => emfVolts);
  expect(volts).toEqual([0.94, 0.9, 0.88, 0.86, 0.85]);
  const shorted = roots.map((cell) => cellAmpsAt(cell, 0));
  // Boiled potato has a much lower resistance than raw (common practice, no source).
  expect(shorted[4]!).toBeGreaterThan(2 * shorted[3]!);
});

test('a body of another recipe is an error, never another fruit', () => {
  expect(() => bodyOf(fruit, 'vinegar')).toThrow('has no body vinegar');
});

test.each(RECIPE_IDS)('every body of %s reads its own typical values without a doubt', (id) => {
  for (const body of RECIPES[id].bodies) {
    const build = cellBuild(RECIPES[id], body);
    const { emfVolts } = typicalModel(build);
    const shortAmps = cellAmpsAt(typicalModel(build), 0);
    const readings = read(emfVolts, shortAmps, suitableCurrentRange(shortAmps));
    expect(judge(build, readings)).toEqual([]);
    const range = rangeOf(build);
    expect(range.shortAmpsLow).toBeLessThan(shortAmps);
    expect(range.shortAmpsHigh).toBeGreaterThan(shortAmps);
  }
});
