import { nernstSlopeVolts } from '../cell/twoSolutions';
import { RECIPES } from './recipes';
import { familyModel, familyBuild } from '../../../testing/core/cells';
import { geometryOfBuild } from './cellBuild';
import { FAMILY_IDS, type FamilyId, familyOf, RECIPE_IDS, recipeOfFamily } from './recipe';
import fc from 'fast-check';
import { CURRENT_RANGES, CURRENT_RANGE_FACTS, showAmps } from '../instruments/meter';
import { cellAmpsAt, isLinearCell, terminalVoltage } from '../cell/cellModel';
import {
  type CellChemistry,
  type CellGeometry,
  cellInWarmth,
  coinAreaSquareMetres,
  nailAreaSquareMetres,
  resistanceParts,
  scaleCell,
  spreadPerMetre,
} from '../cell/scaleCell';
import { maxPowerWatts } from '../cell/maxPower';

test('all fourteen families of the trade are there, each under the name that requests use', () => {
  expect(Object.keys(RECIPES)).toEqual([...RECIPE_IDS]);
  expect(FAMILY_IDS).toHaveLength(14);
  expect(RECIPE_IDS.map((id) => recipeOfFamily(familyOf(id)))).toEqual([...RECIPE_IDS]);
});

describe.each(FAMILY_IDS)('one cell of %s', (id) => {
  const { typical, ceilingVolts } = RECIPES[recipeOfFamily(id)];
  const cell = familyModel(id);

  test('reads typical open-circuit volts (common practice, no source)', () => {
    expect(cell.emfVolts).toBeGreaterThanOrEqual(typical.openVoltsLow);
    expect(cell.emfVolts).toBeLessThanOrEqual(typical.openVoltsHigh);
    expect(cell.emfVolts).toBeLessThan(ceilingVolts);
  });

  test('reads a short-circuit current of the table through a suitable meter range', () => {
    const shorted = cellAmpsAt(cell, 0);
    const range = CURRENT_RANGES.find(
      (one) => CURRENT_RANGE_FACTS[one].fullScaleAmps > 1.5 * shorted,
    );
    const ohms = cell.resistanceOhms + CURRENT_RANGE_FACTS[range ?? '10 A'].shuntOhms;
    const read = cellAmpsAt({ ...cell, resistanceOhms: ohms }, 0);
    expect(showAmps(read, range ?? '10 A').status).toBe('reads');
    expect(shorted).toBeGreaterThanOrEqual(typical.shortAmpsLow);
    expect(shorted).toBeLessThanOrEqual(typical.shortAmpsHigh);
    // The shunt never makes the reading larger.
    expect(read).toBeLessThan(shorted);
  });
});

test('magnesium–graphite in Epsom salt: 1.54 V ± 10 % open, 10–20 mA short (common practice, no source)', () => {
  const cell = familyModel('magnesium-graphite');
  expect(Math.abs(cell.emfVolts / 1.54 - 1)).toBeLessThan(0.1);
  const shorted = 1000 * cellAmpsAt(cell, 0);
  expect(shorted).toBeGreaterThanOrEqual(10);
  expect(shorted).toBeLessThanOrEqual(20);
});

test('six aluminium–brine–graphite cells: 5.2–5.5 V open (common practice, no source)', () => {
  const volts = 6 * familyModel('aluminium-air-brine').emfVolts;
  expect(volts).toBeGreaterThanOrEqual(5.2);
  expect(volts).toBeLessThanOrEqual(5.5);
});

test('no typical cell has a false plateau: E·I_short is three to five times its greatest power (common practice, no source)', () => {
  for (const id of FAMILY_IDS) {
    const cell = familyModel(id);
    const ratio = (cell.emfVolts * cellAmpsAt(cell, 0)) / maxPowerWatts(cell);
    expect(ratio).toBeGreaterThanOrEqual(3);
    expect(ratio).toBeLessThanOrEqual(5);
  }
});

test('piles and acid aluminium are straight lines: one, two and four strings side by side fit half a per cent (common practice)', () => {
  const straight = FAMILY_IDS.filter((id) => isLinearCell(familyModel(id)));
  expect(straight).toEqual([
    'coin-pile-brine',
    'one-coin-pile',
    'nickel-zinc-pile',
    'aluminium-air-acid',
  ]);
});

const geometryOfFamily = (id: FamilyId): CellGeometry => geometryOfBuild(familyBuild(id));
const more = (id: FamilyId, change: Partial<CellGeometry>): number => {
  const { chemistry } = RECIPES[recipeOfFamily(id)];
  const changed = scaleCell(chemistry, { ...geometryOfFamily(id), ...change });
  return cellAmpsAt(changed, 0) / cellAmpsAt(familyModel(id), 0);
};

test('what more metal does (common practice, no source): twice the + metal nearly doubles a brine sponge, half the gap does nothing', () => {
  const { gapMetres, areaSquareMetres } = geometryOfFamily('aluminium-air-brine');
  expect(more('aluminium-air-brine', { extraPlus: 1 })).toBeGreaterThan(1.7);
  expect(more('aluminium-air-brine', { gapMetres: gapMetres / 2 })).toBeLessThan(1.02);
  expect(more('coin-pile-brine', { areaSquareMetres: 2 * areaSquareMetres })).toBeGreaterThan(1.9);
});

test('a second zinc nail alone adds a quarter to a half in fruit and roots (common practice, no source)', () => {
  for (const id of ['fruit', 'root-vegetable'] as const) {
    const gain = more(id, { extraMinus: 1 });
    expect(gain).toBeGreaterThanOrEqual(1.24);
    expect(gain).toBeLessThanOrEqual(1.5);
    // A second copper does more, a whole pair doubles.
    expect(more(id, { extraPlus: 1 })).toBeGreaterThan(gain);
    expect(more(id, { pairs: 2 })).toBeCloseTo(2, 9);
  }
});

test('two nails: arccosh(d/2a)/(π·L) is near the field of two wires, ln(d/a)/(π·L), where they are far apart', () => {
  const nails = geometryOfFamily('fruit');
  const far = { ...nails, gapMetres: 0.5 };
  const { radiusMetres, lengthMetres } = nails.round!;
  const axes = 0.5 + 2 * radiusMetres;
  const expected = Math.log(axes / radiusMetres) / (Math.PI * lengthMetres);
  expect(spreadPerMetre(far) / expected).toBeCloseTo(1, 4);
});

test('areas of nails and coins (geometry)', () => {
  expect(1e4 * nailAreaSquareMetres(3e-3, 40e-3)).toBeCloseTo(3.77, 2);
  expect(1e4 * coinAreaSquareMetres(19e-3)).toBeCloseTo(2.835, 3);
});

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const chemistries: fc.Arbitrary<CellChemistry> = fc.record({
  emfVolts: positive(0.5, 1.5),
  resistivityOhmMetres: positive(0.05, 50),
  reactionOhmSquareMetres: positive(1e-3, 1),
  anodeShare: positive(0, 0.5),
  curve: fc.option(
    fc.record({
      tafelVolts: positive(0.01, 0.1),
      exchangeAmpsPerSquareMetre: positive(1e-4, 1),
      limitingAmpsPerSquareMetre: positive(1, 100),
      concentrationVolts: positive(0.01, 0.1),
    }),
  ),
});
const PLATES: CellGeometry = {
  areaSquareMetres: 4e-4,
  gapMetres: 0.01,
  round: null,
  contactOhms: 2,
  pairs: 1,
  extraPlus: 0,
  extraMinus: 0,
};

test('scaling laws: k pairs give k times the current at the same volts, twice the gap twice the electrolyte', () => {
  fc.assert(
    fc.property(
      chemistries,
      fc.integer({ min: 2, max: 6 }),
      positive(0, 0.95),
      (chemistry, pairs, share) => {
        const one = scaleCell(chemistry, PLATES);
        const many = scaleCell(chemistry, { ...PLATES, pairs });
        const volts = share * chemistry.emfVolts;
        expect(cellAmpsAt(many, volts) / (pairs * cellAmpsAt(one, volts))).toBeCloseTo(1, 6);
        const wide = resistanceParts(chemistry, { ...PLATES, gapMetres: 0.02 });
        const close = resistanceParts(chemistry, PLATES);
        expect(wide.electrolyteOhms / close.electrolyteOhms).toBeCloseTo(2, 9);
        expect(wide.reactionOhms).toBe(close.reactionOhms);
      },
    ),
  );
});

test('warmth: reactions twice as fast in about 12 K, electrolyte 2 % a kelvin, Tafel slope in proportion to the kelvins', () => {
  const cell = familyModel('fruit');
  const warm = cellInWarmth(cell, 0, 32);
  expect(cell.resistanceOhms / warm.resistanceOhms).toBeGreaterThan(1.8);
  expect(cell.resistanceOhms / warm.resistanceOhms).toBeLessThan(2.1);
  expect(cellInWarmth(cell, 1, 30).resistanceOhms / cell.resistanceOhms).toBeCloseTo(1 / 1.2, 9);
  expect(warm.activation!.slopeVolts / cell.activation!.slopeVolts).toBeCloseTo(305.15 / 293.15, 9);
  expect(cellInWarmth(cell, 0.3, 20)).toBe(cell);
  expect(cellAmpsAt(warm, 0)).toBeGreaterThan(cellAmpsAt(cell, 0));
});

test('0.62 V and 1 mA short: best power 0.155 mW, not 0.62 mW (linear source)', () => {
  expect(1000 * maxPowerWatts({ emfVolts: 0.62, resistanceOhms: 620 })).toBeCloseTo(0.155, 9);
});

test('the greatest power of a curve is found: no other current gives more', () => {
  const cell = familyModel('fruit');
  const most = maxPowerWatts(cell);
  const shorted = cellAmpsAt(cell, 0);
  for (let share = 0; share <= 1; share += 0.01) {
    const amps = share * shorted;
    expect(amps * terminalVoltage(cell, amps)).toBeLessThanOrEqual(most * (1 + 1e-9));
  }
});

test('the concentration cell reads between what Nernst says by concentrations and with activities', () => {
  const ideal = nernstSlopeVolts(2, 25) * Math.LN10;
  // 0.5 mol/L against 0.05 mol/L: 13.9 mV with tabled coefficients.
  const { openVoltsLow, openVoltsHigh } = RECIPES.concentration.typical;
  expect(openVoltsLow).toBeLessThan(0.0139);
  expect(openVoltsHigh).toBeGreaterThan(ideal);
  expect(RECIPES.concentration.note).toMatch(
    /29.6 mV by concentrations, about 14 mV with activities/,
  );
});
