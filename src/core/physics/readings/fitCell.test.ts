import { randomStream } from '../chance/random';
import { terminalVoltage, type CellModel } from '../cell/cellModel';
import { fitCell, type LoadedPoint } from './fitCell';

const line: CellModel = { emfVolts: 0.93, resistanceOhms: 654 };
const bent: CellModel = {
  emfVolts: 0.95,
  resistanceOhms: 120,
  activation: { slopeVolts: 0.05, exchangeAmps: 4e-6 },
};
const readings = (cell: CellModel, count: number, noiseVolts = 0, seed = 1): LoadedPoint[] => {
  const random = randomStream(seed);
  return Array.from({ length: count }, (_, index) => {
    const amps = 1e-3 * (index / (count - 1)) ** 1.5;
    return { amps, volts: terminalVoltage(cell, amps) + noiseVolts * random.normal() };
  });
};
const fitted = (points: LoadedPoint[]) => {
  const fits = fitCell(points);
  if (!fits.ok) throw new Error(fits.issues[0]?.message);
  return fits.value;
};

test('exact readings of a straight line give it back, and the simpler model is kept', () => {
  const { best, statement } = fitted(readings(line, 8));
  expect(best.model).toBe('straight-line');
  expect(best.cell.emfVolts).toBeCloseTo(0.93, 9);
  expect(best.cell.resistanceOhms).toBeCloseTo(654, 6);
  expect(statement).toMatch(/straight line/);
});

test('readings that bend give the polarisation curve back', () => {
  const { best, curve, statement } = fitted(readings(bent, 12));
  expect(best.model).toBe('polarisation-curve');
  expect(statement).toMatch(/bend/);
  expect(curve?.residualVolts).toBeLessThan(1e-4);
  for (const amps of [1e-5, 1e-4, 8e-4]) {
    expect(terminalVoltage(best.cell, amps)).toBeCloseTo(terminalVoltage(bent, amps), 3);
  }
});

test('three or four readings cannot carry a curve, and that is said', () => {
  const { best, curve, statement } = fitted(readings(bent, 4));
  expect(curve).toBeNull();
  expect(best.model).toBe('straight-line');
  expect(statement).toMatch(/too few/);
});

test('with coarse readings the two models cannot be told apart', () => {
  const almost: CellModel = { ...line, activation: { slopeVolts: 0.004, exchangeAmps: 1e-4 } };
  const { best, statement } = fitted(readings(almost, 7, 5e-3));
  expect(best.model).toBe('straight-line');
  expect(statement).toMatch(/straight line/);
});

test('standard errors of the straight line cover the truth about as often as they should', () => {
  let inside = 0;
  const runs = 200;
  for (let seed = 1; seed <= runs; seed += 1) {
    const { straightLine } = fitted(readings(line, 4, 4e-3, seed));
    const ohms = straightLine.parameters.find(({ name }) => name === 'resistanceOhms');
    if (Math.abs((ohms?.value ?? 0) - 654) < (ohms?.standardError ?? 0)) inside += 1;
  }
  // Student's t with two degrees of freedom: 1/√3 = 58 % within one standard error.
  expect(inside / runs).toBeGreaterThan(0.48);
  expect(inside / runs).toBeLessThan(0.68);
});

test.each<[string, LoadedPoint[]]>([
  ['too-few-points', [{ amps: 0, volts: 1 }]],
  ['same-currents', [0, 0, 1e-3].map((amps) => ({ amps, volts: 1 }))],
  ['negative-current', [-1e-3, 0, 1e-3].map((amps) => ({ amps, volts: 1 }))],
])('refused: %s', (code, points) => {
  const fits = fitCell(points);
  expect(fits.ok ? null : fits.issues[0]?.code).toBe(code);
});
