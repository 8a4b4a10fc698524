import { cellBuild } from '../recipes/cellBuild';
import { randomStream } from '../chance/random';
import { terminalVoltage, type CellModel } from '../cell/cellModel';
import { fitErrorVolts } from './fitCell';
import { ownCell, type OwnCell } from './ownCell';
import { NO_OWN_READINGS, type OwnReadings } from './ownReadings';
import { RECIPES } from '../recipes/recipes';

const recipe = RECIPES['copper-zinc-fruit'];
const fruit = cellBuild(recipe, recipe.bodies[0]);
const read = (change: Partial<OwnReadings>): OwnCell =>
  ownCell({ ...NO_OWN_READINGS, ...change }, fruit);
const at = (ohms: number, volts: number, secondsAfter: number | null = null) => ({
  ohms,
  volts,
  secondsAfter,
});
const short = (amps: number, meterRange: '20 mA' | '10 A' = '20 mA') => ({
  amps,
  meterRange,
  secondsAfter: null,
});
/** Volts of a cell across a resistor, by halving the interval. */
const voltsAcross = (cell: CellModel, ohms: number): number => {
  let low = 0;
  let high = cell.emfVolts / ohms;
  for (let step = 0; step < 60; step += 1) {
    const amps = (low + high) / 2;
    if (terminalVoltage(cell, amps) > amps * ohms) low = amps;
    else high = amps;
  }
  return low * ohms;
};

test('volts and milliamps make an ideal source, the shunt taken off', () => {
  const cell = read({ openCircuitVolts: 0.93, shortCircuit: short(1.4e-3) });
  expect(cell).toMatchObject({ status: 'used', fits: null, doubts: [] });
  expect(cell.status === 'used' && cell.model.resistanceOhms).toBeCloseTo(0.93 / 1.4e-3 - 10, 9);
});

test('open volts and volts at one resistor: r = R·(E − V)/V, worked by hand', () => {
  const cell = read({ openCircuitVolts: 0.9, loaded: [at(1000, 0.6)] });
  expect(cell.status === 'used' && cell.model).toMatchObject({
    emfVolts: 0.9,
    resistanceOhms: expect.closeTo(500, 9),
  });
});

test('two resistors without open volts are enough; one reading is not', () => {
  const cell = read({ loaded: [at(1000, 0.6), at(250, 0.3)] });
  // 0.6 mA and 1.2 mA: 0.3 V over 0.6 mA is 500 Ω, and 0.6 V + 0.3 V is 0.9 V.
  expect(cell.status === 'used' && cell.model.emfVolts).toBeCloseTo(0.9, 12);
  expect(read({ openCircuitVolts: 0.9 })).toMatchObject({
    status: 'incomplete',
    need: expect.stringContaining('One more reading'),
  });
  expect(read({ loaded: [at(1000, 0.6)] })).toMatchObject({
    status: 'incomplete',
    need: expect.stringContaining('At least two'),
  });
});

test('many loaded readings of a bending cell give the curve, with its uncertainty', () => {
  const truth: CellModel = {
    emfVolts: 0.95,
    resistanceOhms: 120,
    activation: { slopeVolts: 0.05, exchangeAmps: 4e-6 },
  };
  const random = randomStream(5);
  const loaded = [47, 100, 220, 470, 1000, 2200, 4700, 10000, 47000].map((ohms) =>
    at(ohms, voltsAcross(truth, ohms) + 5e-4 * random.normal()),
  );
  const cell = read({ openCircuitVolts: 0.95, loaded });
  if (cell.status !== 'used' || cell.fits === null) throw new Error(cell.status);
  expect(cell.fits.best.model).toBe('polarisation-curve');
  for (const amps of [2e-5, 2e-4, 1e-3]) {
    const error = fitErrorVolts(cell.fits.best, amps) ?? 0;
    expect(error).toBeGreaterThan(0);
    expect(error).toBeLessThan(2e-3);
    expect(Math.abs(terminalVoltage(cell.model, amps) - terminalVoltage(truth, amps))).toBeLessThan(
      4 * error,
    );
  }
});

test('the straight line’s error at a current is the textbook one: s·√(1/n + (I − Ī)²/S)', () => {
  const loaded = [at(1000, 0.62), at(470, 0.45), at(220, 0.27)];
  const cell = read({ openCircuitVolts: 0.93, loaded });
  if (cell.status !== 'used' || cell.fits === null) throw new Error(cell.status);
  const { straightLine } = cell.fits;
  const points = cell.points;
  const mean = points.reduce((sum, { amps }) => sum + amps, 0) / points.length;
  const spread = points.reduce((sum, { amps }) => sum + (amps - mean) ** 2, 0);
  const s = straightLine.residualVolts * Math.sqrt(points.length / (points.length - 2));
  for (const amps of [0, 5e-4, 2e-3]) {
    const expected = s * Math.sqrt(1 / points.length + (amps - mean) ** 2 / spread);
    expect(fitErrorVolts(straightLine, amps)).toBeCloseTo(expected, 9);
  }
});

test('readings that contradict each other are not used, and the reason is given', () => {
  // A slip of the unit can be what contradicts: then it is mended, not argued about.
  expect(read({ openCircuitVolts: 0.9, shortCircuit: short(1, '20 mA') })).toMatchObject({
    status: 'contradictory',
    doubts: [{ code: 'unit-slip' }],
  });
  expect(read({ loaded: [at(1000, 0.6), at(100, 0.7)] })).toMatchObject({
    status: 'contradictory',
    message: expect.stringContaining('do not fall'),
  });
});

test('what is odd waits until it is kept; kept, it is used with its doubts', () => {
  const readings = { openCircuitVolts: 1.5, shortCircuit: short(1e-3) };
  expect(read(readings)).toMatchObject({
    status: 'doubtful',
    doubts: [{ code: 'above-ceiling' }],
  });
  expect(read({ ...readings, kept: true })).toMatchObject({
    status: 'used',
    doubts: [{ code: 'above-ceiling' }],
  });
});

test('amps typed for milliamps are mended with one click', () => {
  const slip = read({ openCircuitVolts: 0.93, shortCircuit: short(1.4, '10 A') });
  if (slip.status !== 'doubtful') throw new Error(slip.status);
  const [doubt] = slip.doubts;
  expect(doubt).toMatchObject({ code: 'unit-slip', corrected: { shortCircuit: { amps: 1.4e-3 } } });
  const mended = ownCell(doubt!.corrected!, fruit);
  expect(mended.status).toBe('used');
});

test('more volts under load than open, and very different times, are doubted', () => {
  const codes = (change: Partial<OwnReadings>): string[] => {
    const cell = read(change);
    return 'doubts' in cell ? cell.doubts.map(({ code }) => code) : [];
  };
  expect(
    codes({ openCircuitVolts: 0.8, loaded: [at(10000, 0.9), at(1000, 0.6), at(470, 0.45)] }),
  ).toEqual(['rises-under-load']);
  expect(codes({ openCircuitVolts: 0.93, loaded: [at(1000, 0.62, 2), at(470, 0.45, 60)] })).toEqual(
    ['different-times'],
  );
  expect(codes({ openCircuitVolts: 0.93, loaded: [at(1000, 0.62, 2), at(470, 0.45, 6)] })).toEqual(
    [],
  );
});
