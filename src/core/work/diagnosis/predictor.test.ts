import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { bodyOf } from '../../physics/recipes/recipe';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { CellModel } from '../../physics/cell/cellModel';
import { RECIPES } from '../../physics/recipes/recipes';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { ledModelOf } from '../../physics/circuit/load/ledPresets';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import type { Measurement } from '../../records/logbook/measurement';
import type { NominalBattery } from './nominalBattery';
import type { CellFault } from '../../physics/circuit/faults/batterySpec';
import { NO_FAULT, RIGHT_LOAD, type Hypothesis } from './causes';
import { singleCauses } from './possibleCauses';
import { LinearString } from './linearString';
import { inString, ofMeasurement } from './seenByMeasurement';
import { possibleMeasurements } from './findFaults';
import { Predictor } from './predictor';
import {
  battery,
  exact,
  KIWI,
  shown,
  sound,
  volts,
  withFaultAt,
} from '@/testing/core/diagnosisBattery';

test('what is predicted of every fault is what the general solver gives', () => {
  // The fast prediction (one linear solve and its adjoint) against the nodal solver with a meter in the circuit.
  const faults: readonly CellFault[][] = [
    [],
    [{ kind: 'reversed' }],
    [{ kind: 'open' }],
    [{ kind: 'dry', factor: 12 }],
    [{ kind: 'poor-contact', ohms: 4000 }],
    [{ kind: 'shorted', ohms: 2 }],
    [{ kind: 'same-metal' }],
    [{ kind: 'rim-leak', ohms: 1500 }],
    [{ kind: 'drip', over: 2, ohms: 2500 }],
  ];
  const possible = possibleMeasurements([{ string: 1, built: 4 }], false, true);
  expect(possible.length).toBeGreaterThan(20);
  for (const [index, fault] of faults.entries()) {
    const predictor = new Predictor(battery(4, { pile: true }));
    const hypothesis: Hypothesis = {
      ...NO_FAULT,
      changes:
        index === 0 ? [] : [{ string: 1, cell: 2, inner: null, faults: fault, sharesNext: false }],
    };
    const built = withFaultAt(exact(4), 2, fault);
    for (const measurement of possible) {
      const currents = measurement.kind === 'short' || measurement.kind === 'cell-short';
      // The group is told the range for the sound battery, whatever is wrong with theirs.
      const { value } = shown(built, measurement, currents ? '20 mA' : undefined);
      const { mean } = predictor.predict(measurement, hypothesis);
      // The display rounds to 10 mV and 10 µA in the ranges used here.
      const digit = currents ? 1.1e-5 : 0.011;
      expect(Math.abs(mean - value)).toBeLessThan(digit);
    }
  }
});

test('slopes are what a small change does', () => {
  const items = Array.from({ length: 3 }, sound);
  const network = new LinearString(items, 200);
  const base = network.volts(1, 2);
  const second = network.cells.indexOf('2');
  const step = 1e-6;
  const changed = (emf: number, ohms: number): number =>
    new LinearString(
      items.map((item, index) =>
        index === 1
          ? {
              ...item,
              cell: {
                emfVolts: KIWI.emfVolts * (1 + emf),
                resistanceOhms: KIWI.resistanceOhms * Math.exp(ohms),
              },
            }
          : item,
      ),
      200,
    ).volts(1, 2).value;
  expect((changed(step, 0) - base.value) / step).toBeCloseTo(base.byVolts[second] ?? NaN, 4);
  expect((changed(0, step) - base.value) / step).toBeCloseTo(base.byResistance[second] ?? NaN, 4);
});

test('a shared body reads about one cell, whatever is wired in series (common practice, no source)', () => {
  const predictor = new Predictor(battery(2));
  const shared = singleCauses({
    strings: [Array.from({ length: 2 }, sound)],
    pile: false,
    bodies: true,
    joined: false,
    concerned: [1],
    isPolarised: true,
    readings: [0],
  }).find(({ kind }) => kind === 'shared-body');
  if (shared === undefined) throw new Error('no such cause');
  expect(predictor.predict(volts(2), shared).mean).toBeCloseTo(0.93, 2);
  // The link between the pairs sits half-way: the loop through the body drains the first pair.
  expect(predictor.predict(volts(1, 2), shared).mean).toBeCloseTo(0.465, 2);
});

describe('with the device connected', () => {
  const led = ledModelOf('red');
  const whole = (hypothesis: Hypothesis, change: Partial<NominalBattery>) => {
    const predictor = new Predictor(battery(4, { load: { kind: 'led', led }, ...change }));
    const mean = (measurement: Measurement): number =>
      predictor.predict(measurement, hypothesis).mean;
    return {
      open: mean({ kind: 'battery-volts' }),
      volts: mean({ kind: 'load-volts' }),
      amps: mean({ kind: 'load-amps' }),
      lights: mean({ kind: 'lights', turned: false }),
      turned: mean({ kind: 'lights', turned: true }),
    };
  };
  const pointOf = (cell: CellModel, strings: number) => {
    const point = operatingPoint(
      gridCurve(cell, 4, strings),
      { kind: 'led', led },
      ROOM_THERMAL_VOLTS,
    );
    if (point.status !== 'solved') throw new Error(point.status);
    return point;
  };
  const lemon = typicalModel(
    cellBuild(RECIPES['copper-zinc-fruit'], bodyOf(RECIPES['copper-zinc-fruit'], 'lemon')),
  );

  /**
   * @check volts and current of an LED on straight cells and on whole curves, one string and two
   * @origin closed form: the operating point of the whole grid, found without any line through a cell
   * @tolerance 1 % of the current, 5 mV
   */
  test.each([
    ['straight', KIWI, 1],
    ['straight', KIWI, 2],
    ['curved', lemon, 1],
    ['curved', lemon, 2],
  ] as const)('%s cells: %#', (_, cell, strings) => {
    const string = Array.from({ length: 4 }, () => ({ cell, faults: [], body: null }));
    const found = whole(NO_FAULT, { strings: Array.from({ length: strings }, () => string) });
    const { amps, volts: held } = pointOf(cell, strings);
    // Ten megaohms of the voltmeter take less than a thousandth.
    expect(found.open / (4 * cell.emfVolts)).toBeGreaterThan(0.999);
    expect(found.open / (4 * cell.emfVolts)).toBeLessThanOrEqual(1);
    // Through what the leads and joints of a real bench add.
    expect(found.amps / amps).toBeGreaterThan(0.97);
    expect(found.amps / amps).toBeLessThan(1.01);
    expect(Math.abs(found.volts - held)).toBeLessThan(5e-3);
    expect(found.lights).toBeGreaterThan(0.95);
  });

  test('an LED the wrong way round lights turned round only; a broken one never', () => {
    const right = whole(NO_FAULT, {});
    expect(right.turned).toBeLessThan(0.05);
    const reversed = whole({ ...NO_FAULT, load: { ...RIGHT_LOAD, state: 'reversed' } }, {});
    expect([reversed.amps, reversed.lights]).toEqual([0, 0.005]);
    expect(reversed.turned).toBeGreaterThan(0.95);
    const broken = whole({ ...NO_FAULT, load: { ...RIGHT_LOAD, state: 'broken' } }, {});
    expect([broken.amps, broken.lights, broken.turned]).toEqual([0, 0.005, 0.005]);
    // Nothing flows: the meter across it reads the open volts.
    expect(broken.volts).toBeCloseTo(broken.open, 6);
  });

  test('a string that is the wrong way round drives the others backwards', () => {
    const strings = Array.from({ length: 2 }, () => Array.from({ length: 4 }, sound));
    const found = whole({ ...NO_FAULT, reversedString: 2 }, { strings });
    expect(found.open).toBeCloseTo(0, 6);
    expect(found.lights).toBeLessThan(0.05);
  });
});

test('where nothing flows nothing of it scatters; a place that is not there is a mistake of the program', () => {
  const predictor = new Predictor(battery(4));
  const amps: Measurement = { kind: 'load-amps' };
  expect(Math.hypot(...predictor.predict(amps, NO_FAULT).spread)).toBeGreaterThan(1e-5);
  const broken = predictor.predict(amps, { ...NO_FAULT, load: { ...RIGHT_LOAD, state: 'broken' } });
  expect([broken.mean, ...broken.spread].every((one) => one === 0)).toBe(true);
  expect(() => predictor.predict({ kind: 'cell-volts', string: 1, cell: 9 }, NO_FAULT)).toThrow(
    'string 1 has no cell 9',
  );
});

test('a measurement sees the parts of a pair that lie in its string, and no slip', () => {
  const dry: Hypothesis = {
    ...NO_FAULT,
    kind: 'dry',
    cause: 'dry',
    string: 1,
    cell: 2,
    changes: [
      { string: 1, cell: 2, inner: null, faults: [{ kind: 'dry', factor: 9 }], sharesNext: false },
    ],
  };
  const open: Hypothesis = {
    ...dry,
    kind: 'open',
    cause: 'open',
    string: 2,
    changes: [{ string: 2, cell: 3, inner: null, faults: [{ kind: 'open' }], sharesNext: false }],
  };
  const slip: Hypothesis = { ...NO_FAULT, kind: 'slip', cause: 'slip', slip: 0 };
  const pairOfTwo = (first: Hypothesis, second: Hypothesis): Hypothesis => ({
    ...NO_FAULT,
    kind: 'pair',
    cause: 'pair',
    changes: [...first.changes, ...second.changes],
    parts: [first, second],
  });
  const withTwo: Measurement = { kind: 'volts', string: 1, from: 1, to: 1, built: 2 };
  expect(ofMeasurement(withTwo, slip)).toBe(NO_FAULT);
  expect(ofMeasurement(withTwo, pairOfTwo(slip, dry))).toBe(dry);
  expect(ofMeasurement(withTwo, pairOfTwo(dry, slip))).toBe(dry);
  expect(ofMeasurement(withTwo, pairOfTwo(dry, open))).toBe(dry);
  const both = pairOfTwo(dry, open);
  expect(ofMeasurement({ kind: 'load-amps' }, both)).toBe(both);
  expect(
    ofMeasurement(withTwo, {
      ...NO_FAULT,
      kind: 'load-broken',
      load: { ...RIGHT_LOAD, state: 'broken' },
    }),
  ).toBe(NO_FAULT);
  const flat = { ...NO_FAULT, meter: { gain: 1.2, noAmps: false, noVolts: false } };
  expect(ofMeasurement(withTwo, flat)).toBe(flat);
  // What does not stand yet is not measured, nor what lies beside a cell that is measured alone.
  expect(ofMeasurement({ ...withTwo, built: 1 }, pairOfTwo(dry, open))).toBe(NO_FAULT);
  const alone = (cell: number): Measurement => ({ kind: 'cell-volts', string: 1, cell });
  expect(ofMeasurement(alone(2), pairOfTwo(dry, open))).toBe(dry);
  expect([1, 3].map((cell) => ofMeasurement(alone(cell), dry))).toEqual([NO_FAULT, NO_FAULT]);
  const shared = { ...dry, changes: dry.changes.map((one) => ({ ...one, sharesNext: true })) };
  expect(ofMeasurement(alone(3), shared)).toBe(shared);
  // Below the second cell the string is sound.
  expect(inString(1, 1, dry)).toBe(NO_FAULT);
  expect(inString(1, 2, dry)).toBe(dry);
});
