import fc from 'fast-check';
import {
  cellAmpsAt,
  cellDifferentialOhms,
  type CellModel,
  isLinearCell,
  overpotentialVolts,
  terminalVoltage,
} from './cellModel';

const curved: CellModel = {
  emfVolts: 0.95,
  resistanceOhms: 300,
  activation: { slopeVolts: 0.06, exchangeAmps: 2e-6 },
  limitingAmps: 1.4e-3,
  concentrationVolts: 0.05,
};

const cells = fc.record({
  emfVolts: fc.double({ min: 0.3, max: 1.6, noNaN: true }),
  resistanceOhms: fc.double({ min: 1, max: 5000, noNaN: true }),
  activation: fc.record({
    slopeVolts: fc.double({ min: 0.01, max: 0.12, noNaN: true }),
    exchangeAmps: fc.double({ min: 1e-7, max: 1e-4, noNaN: true }),
  }),
  limitingAmps: fc.double({ min: 1e-4, max: 1, noNaN: true }),
  concentrationVolts: fc.double({ min: 0.01, max: 0.1, noNaN: true }),
});

test('the formula of the polarisation curve, term by term', () => {
  const amps = 0.7e-3;
  const expected =
    0.95 - 0.06 * Math.log(1 + amps / 2e-6) - amps * 300 + 0.05 * Math.log(1 - amps / 1.4e-3);
  expect(terminalVoltage(curved, amps)).toBeCloseTo(expected, 12);
  expect(terminalVoltage(curved, 0)).toBe(0.95);
});

test('an ideal source with resistance is a straight line', () => {
  const cell = { emfVolts: 0.9, resistanceOhms: 1500 };
  expect(isLinearCell(cell)).toBe(true);
  expect(terminalVoltage(cell, 2e-4)).toBeCloseTo(0.6, 12);
  expect(cellAmpsAt(cell, 0)).toBeCloseTo(0.6e-3, 12);
});

test('the loss is odd, rises everywhere and has the slope that is claimed', () => {
  fc.assert(
    fc.property(cells, fc.double({ min: -2, max: 2, noNaN: true }), (cell, share) => {
      const amps = share * cell.limitingAmps;
      expect(overpotentialVolts(cell, -amps)).toBeCloseTo(-overpotentialVolts(cell, amps), 12);
      const slope = cellDifferentialOhms(cell, amps);
      expect(slope).toBeGreaterThan(0);
      const step = 1e-7 * cell.limitingAmps;
      // Across the knee the difference quotient mixes two slopes.
      fc.pre(Math.abs(Math.abs(share) - 1) > 1e-5 && Math.abs(share) > 1e-3);
      const difference =
        (overpotentialVolts(cell, amps + step) - overpotentialVolts(cell, amps - step)) /
        (2 * step);
      expect(Math.abs(difference / slope - 1)).toBeLessThan(1e-3);
    }),
  );
});

test('beyond the limiting current the curve goes on without a jump', () => {
  const knee = 1.4e-3 * (1 - 1e-6);
  const before = terminalVoltage(curved, knee * (1 - 1e-12));
  const after = terminalVoltage(curved, knee * (1 + 1e-12));
  expect(Math.abs(before - after)).toBeLessThan(1e-5);
  expect(terminalVoltage(curved, 1.5e-3)).toBeLessThan(terminalVoltage(curved, 1.4e-3));
});

test('the inverse gives the current back', () => {
  fc.assert(
    fc.property(cells, fc.double({ min: -0.99, max: 0.99, noNaN: true }), (cell, share) => {
      const amps = share * cell.limitingAmps;
      const found = cellAmpsAt(cell, terminalVoltage(cell, amps));
      expect(Math.abs(found - amps)).toBeLessThan(1e-9 * cell.limitingAmps + 1e-9 * Math.abs(amps));
    }),
  );
});
