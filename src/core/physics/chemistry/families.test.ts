import fc from 'fast-check';
import { CURRENT_RANGES, CURRENT_RANGE_FACTS, showAmps } from '../instruments/meter';
import { cellAmpsAt } from './cellAmpsAt';
import { FAMILIES, FAMILY_IDS, familyCell, familyOf } from './families';
import { nernstSlopeVolts } from './nernst';
import { PRACTICAL_CEILING_VOLTS } from './potentials';
import {
  coinAreaSquareMetres,
  nailAreaSquareMetres,
  scaleCell,
  type CellChemistry,
} from './scaleCell';
import { maxPowerWatts } from './maxPower';
import { terminalVoltage } from './cellModel';

test('all fourteen families of the trade are there', () => {
  expect(FAMILIES.map(({ id }) => id)).toEqual([...FAMILY_IDS]);
  expect(FAMILIES).toHaveLength(14);
});

describe.each(FAMILY_IDS)('one cell of %s', (id) => {
  const family = familyOf(id);
  const cell = familyCell(family);

  test('reads typical open-circuit volts (common practice, no source)', () => {
    expect(cell.emfVolts).toBeGreaterThanOrEqual(family.openVolts[0]);
    expect(cell.emfVolts).toBeLessThanOrEqual(family.openVolts[1]);
    if (family.metals !== null) {
      expect(cell.emfVolts).toBeLessThan(PRACTICAL_CEILING_VOLTS[family.metals]);
    }
  });

  test('reads a short-circuit current of the table through a suitable meter range', () => {
    const shorted = cellAmpsAt(cell, 0);
    const range = CURRENT_RANGES.find(
      (one) => CURRENT_RANGE_FACTS[one].fullScaleAmps > 1.5 * shorted,
    );
    const ohms = cell.resistanceOhms + CURRENT_RANGE_FACTS[range ?? '10 A'].shuntOhms;
    const read = cellAmpsAt({ ...cell, resistanceOhms: ohms }, 0);
    expect(showAmps(read, range ?? '10 A').status).toBe('reads');
    expect(shorted).toBeGreaterThanOrEqual(family.shortAmps[0]);
    expect(shorted).toBeLessThanOrEqual(family.shortAmps[1]);
    // The shunt never makes the reading larger.
    expect(read).toBeLessThan(shorted);
  });
});

test('magnesium–graphite in Epsom salt: 1.54 V ± 10 % open, 10–20 mA short (common practice, no source)', () => {
  const cell = familyCell(familyOf('magnesium-graphite'));
  expect(Math.abs(cell.emfVolts / 1.54 - 1)).toBeLessThan(0.1);
  const shorted = 1000 * cellAmpsAt(cell, 0);
  expect(shorted).toBeGreaterThanOrEqual(10);
  expect(shorted).toBeLessThanOrEqual(20);
});

test('six aluminium–brine–graphite cells: 5.2–5.5 V open (common practice, no source)', () => {
  const volts = 6 * familyCell(familyOf('aluminium-air-brine')).emfVolts;
  expect(volts).toBeGreaterThanOrEqual(5.2);
  expect(volts).toBeLessThanOrEqual(5.5);
});

test('the cathode of a coin pile limits at 0.3–0.6 mA/cm² (common practice, no source)', () => {
  const { chemistry } = familyOf('coin-pile-brine');
  expect(chemistry.limitingAmpsPerSquareMetre / 10).toBeGreaterThan(0.3);
  expect(chemistry.limitingAmpsPerSquareMetre / 10).toBeLessThan(0.6);
  expect(familyCell(familyOf('coin-pile-brine')).resistanceOhms).toBeLessThan(1);
});

test('areas of nails and coins (geometry)', () => {
  expect(1e4 * nailAreaSquareMetres(3e-3, 40e-3)).toBeCloseTo(3.77, 2);
  expect(1e4 * coinAreaSquareMetres(19e-3)).toBeCloseTo(2.835, 3);
});

const chemistries: fc.Arbitrary<CellChemistry> = fc.record({
  emfVolts: fc.double({ min: 0.5, max: 1.5, noNaN: true }),
  tafelVolts: fc.double({ min: 0.01, max: 0.1, noNaN: true }),
  exchangeAmpsPerSquareMetre: fc.double({ min: 1e-4, max: 1, noNaN: true }),
  limitingAmpsPerSquareMetre: fc.double({ min: 1, max: 100, noNaN: true }),
  concentrationVolts: fc.double({ min: 0.01, max: 0.1, noNaN: true }),
  resistivityOhmMetres: fc.double({ min: 0.05, max: 50, noNaN: true }),
});

test('scaling laws: k pairs give k times the current at the same volts, twice the gap twice the resistance', () => {
  fc.assert(
    fc.property(
      chemistries,
      fc.integer({ min: 2, max: 6 }),
      fc.double({ min: 0, max: 0.95, noNaN: true }),
      (chemistry, pairs, share) => {
        const geometry = { areaSquareMetres: 4e-4, gapMetres: 0.01, contactOhms: 2, pairs: 1 };
        const one = scaleCell(chemistry, geometry);
        const many = scaleCell(chemistry, { ...geometry, pairs });
        const volts = share * chemistry.emfVolts;
        expect(cellAmpsAt(many, volts) / (pairs * cellAmpsAt(one, volts))).toBeCloseTo(1, 6);
        const wide = scaleCell(chemistry, { ...geometry, gapMetres: 0.02, contactOhms: 0 });
        const close = scaleCell(chemistry, { ...geometry, contactOhms: 0 });
        expect(wide.resistanceOhms / close.resistanceOhms).toBeCloseTo(2, 9);
      },
    ),
  );
});

test('warmth: more current, steeper Tafel slope in proportion to the kelvins', () => {
  const cold = familyCell(familyOf('fruit'), {}, 10);
  const warm = familyCell(familyOf('fruit'), {}, 30);
  expect(cellAmpsAt(warm, 0)).toBeGreaterThan(cellAmpsAt(cold, 0));
  expect(warm.activation!.slopeVolts / cold.activation!.slopeVolts).toBeCloseTo(303.15 / 283.15, 9);
});

test('0.62 V and 1 mA short: best power 0.155 mW, not 0.62 mW (linear source)', () => {
  expect(1000 * maxPowerWatts({ emfVolts: 0.62, resistanceOhms: 620 })).toBeCloseTo(0.155, 9);
});

test('the greatest power of a curve is found: no other current gives more', () => {
  const cell = familyCell(familyOf('coin-pile-brine'));
  const most = maxPowerWatts(cell);
  const shorted = cellAmpsAt(cell, 0);
  for (let share = 0; share <= 1; share += 0.01) {
    const amps = share * shorted;
    expect(amps * terminalVoltage(cell, amps)).toBeLessThanOrEqual(most * (1 + 1e-9));
  }
});

test('the concentration cell reads what the Nernst equation says of its solutions, one ten times the other', () => {
  const ideal = nernstSlopeVolts(2, 25) * Math.LN10;
  expect(Math.abs(familyCell(familyOf('concentration')).emfVolts - ideal)).toBeLessThan(1e-3);
});
