import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { bodyOf } from '../../physics/recipes/recipe';
import { cellAmpsAt, terminalVoltage } from '../../physics/cell/cellModel';
import { RECIPES } from '../../physics/recipes/recipes';
import type { SpecCell } from '../../physics/circuit/faults/batterySpec';
import { asLines, hasCurves, nearby } from './lines';

const recipe = RECIPES['copper-zinc-fruit'];
const lemon = typicalModel(cellBuild(recipe, bodyOf(recipe, 'lemon')));
const straight: SpecCell = {
  cell: { emfVolts: 0.93, resistanceOhms: 654 },
  faults: [],
  body: null,
};
const curved: SpecCell = { cell: lemon, faults: [], body: null };
const cellOf = (items: ReturnType<typeof asLines>): SpecCell['cell'] => {
  const [item] = items;
  if (item === undefined || 'strings' in item) throw new Error('no cell');
  return item.cell;
};

test('a line through a curve meets it at no current and at the current that flows', () => {
  expect(hasCurves([curved])).toBe(true);
  for (const share of [0.1, 0.5, 1]) {
    const amps = share * cellAmpsAt(lemon, 0);
    const { emfVolts, resistanceOhms } = cellOf(asLines([curved], amps));
    expect(emfVolts).toBe(lemon.emfVolts);
    expect(emfVolts - amps * resistanceOhms).toBeCloseTo(terminalVoltage(lemon, amps), 9);
  }
  // Shorted, where nobody says how much flows.
  const shorted = cellOf(asLines([curved], null));
  expect(shorted.emfVolts / shorted.resistanceOhms).toBeCloseTo(cellAmpsAt(lemon, 0), 9);
  expect(hasCurves(asLines([curved], null))).toBe(false);
});

test('a straight cell stays as it is; a dry curve is that of its larger resistance, and dry no more', () => {
  expect(asLines([straight], 1e-3)).toEqual([straight]);
  const drier = { ...lemon, resistanceOhms: 5 * lemon.resistanceOhms };
  const amps = 0.5 * cellAmpsAt(drier, 0);
  const dry = asLines(
    [{ ...curved, faults: [{ kind: 'dry', factor: 5 }, { kind: 'reversed' }] }],
    amps,
  );
  expect(dry[0]).toMatchObject({ faults: [{ kind: 'reversed' }] });
  const { emfVolts, resistanceOhms } = cellOf(dry);
  expect(emfVolts - amps * resistanceOhms).toBeCloseTo(terminalVoltage(drier, amps), 9);
});

test('the strings of a group share the current', () => {
  const group = { strings: [[curved], [curved]] };
  expect(hasCurves([group])).toBe(true);
  const [item] = asLines([group], 0.6e-3);
  if (item === undefined || !('strings' in item)) throw new Error('no group');
  const alone = cellOf(asLines([curved], 0.3e-3));
  expect(cellOf([...item.strings[0]!]).resistanceOhms).toBeCloseTo(alone.resistanceOhms, 9);
});

test('currents a hundredth apart are one, others stay within a hundredth', () => {
  for (const amps of [2e-7, 0.00133, 0.41]) {
    expect(Math.abs(nearby(amps) / amps - 1)).toBeLessThan(0.0101);
    expect(nearby(-amps)).toBe(nearby(amps));
  }
  expect(new Set([1, 1.004, 0.997].map(nearby)).size).toBe(1);
  expect(nearby(0)).toBe(0);
});
