import fc from 'fast-check';
import reference from '@/testing/core/referenceNetworks.json';
import { theveninCurve } from '../circuit/battery/sourceCurve';
import { networkSchema, type NetworkComponent } from '../circuit/network/networkSchema';
import { ledModelOf } from '../circuit/load/ledPresets';
import type { Load } from '../circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { type AgeingCell, dryingPerSecond, saturationGramsPerCubicMetre } from './ageingCell';
import { ageing } from '@/testing/core/ageingCells';
import { chargeBank } from './chargeBank';
import { discharge } from './discharge';
import type { DischargeInput } from './dischargeRun';
import { integrate } from './integrate';
import { simulateNetwork } from './simulateNetwork';

test('the integrator: exponential decay to 1e-9 (closed form), and it stops where it is told', () => {
  const problem = {
    derivative: (_: number, [y = 0]: readonly number[]) => [-y / 10],
    initial: [1],
    startSeconds: 0,
    endSeconds: 50,
    atSeconds: [0, 10, 25, 50],
    relativeTolerance: 1e-11,
    absoluteTolerance: 1e-13,
  };
  const run = integrate(problem);
  expect(run.status).toBe('finished');
  run.samples.forEach(({ seconds, state }) =>
    expect(state[0]).toBeCloseTo(Math.exp(-seconds / 10), 8),
  );
  const halved = integrate({ ...problem, untilNegative: (_, [y = 0]) => y - 0.5 });
  expect(halved.status).toBe('stopped');
  expect(halved.endSeconds).toBeCloseTo(10 * Math.LN2, 6);
  expect(halved.samples).toHaveLength(1);
});

/**
 * @check eight cells charging a capacitor
 * @origin closed form: E·(1 − e^(−t/rC))
 * @tolerance 1e-6
 */
test('reference network h: 8 cells charging 47 mF, exact RC solution, to 1e-6', () => {
  const one = reference.cases.find(({ id }) => id === 'h');
  const expected = one?.expected as { atSeconds: number; value: number }[];
  const outcome = simulateNetwork(
    networkSchema.parse(one?.network),
    expected.map(({ atSeconds }) => atSeconds),
  );
  if (outcome.status !== 'solved') throw new Error(outcome.status);
  outcome.samples.forEach(({ nodeVolts }, index) => {
    expect(Math.abs(nodeVolts['p']! / expected[index]!.value - 1)).toBeLessThan(1e-6);
  });
});

test('a capacitor on any linear source follows E·(1 − e^(−t/rC)) to 1e-6 (closed form)', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 10, noNaN: true }),
      fc.double({ min: 10, max: 5000, noNaN: true }),
      fc.double({ min: 1e-3, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 0.9, noNaN: true }),
      (emfVolts, resistanceOhms, farads, startShare) => {
        const tau = resistanceOhms * farads;
        const initialVolts = startShare * emfVolts;
        const atSeconds = [0.1, 0.5, 1, 3].map((share) => share * tau);
        const volts = chargeBank({
          source: theveninCurve({ emfVolts, resistanceOhms }),
          farads,
          initialVolts,
          atSeconds,
        });
        volts.forEach((found, index) => {
          const exact = emfVolts + (initialVolts - emfVolts) * Math.exp(-atSeconds[index]! / tau);
          expect(Math.abs(found / exact - 1)).toBeLessThan(1e-6);
        });
      },
    ),
    { numRuns: 60 },
  );
});

test('capacitors side by side share the current in proportion; a bare capacitor on an ideal source is a loop', () => {
  const cell: NetworkComponent = {
    type: 'cell',
    name: 'c',
    plus: 'p',
    minus: '0',
    emfVolts: 2,
    resistanceOhms: 100,
  };
  const capacitor = (name: string, farads: number, a = 'p', b = '0'): NetworkComponent => ({
    type: 'capacitor',
    name,
    a,
    b,
    farads,
    initialVolts: 0,
  });
  const outcome = simulateNetwork(
    {
      temperatureCelsius: 25,
      components: [cell, capacitor('one', 0.01), capacitor('two', 0.03, '0', 'p')],
    },
    [2],
  );
  if (outcome.status !== 'solved') throw new Error(outcome.status);
  const { componentAmps, nodeVolts } = outcome.samples[0]!;
  expect(nodeVolts['p']).toBeCloseTo(2 * (1 - Math.exp(-2 / 4)), 6);
  expect(componentAmps['two']! / componentAmps['one']!).toBeCloseTo(-3, 9);
  const ideal = simulateNetwork(
    {
      temperatureCelsius: 25,
      components: [{ ...cell, resistanceOhms: 0 }, capacitor('one', 0.01)],
    },
    [1],
  );
  expect(ideal.status).toBe('source-loop');
});

test('a network without capacitors is the same at every moment', () => {
  const components: NetworkComponent[] = [
    { type: 'cell', name: 'c', plus: 'p', minus: '0', emfVolts: 2, resistanceOhms: 100 },
    { type: 'resistor', name: 'r', a: 'p', b: '0', resistanceOhms: 300 },
  ];
  const outcome = simulateNetwork({ temperatureCelsius: 25, components }, [0, 5, 60]);
  if (outcome.status !== 'solved') throw new Error(outcome.status);
  expect(outcome.samples.map(({ seconds }) => seconds)).toEqual([0, 5, 60]);
  expect(outcome.samples.map(({ nodeVolts }) => nodeVolts['p'])).toEqual(
    [1.5, 1.5, 1.5].map((volts) => expect.closeTo(volts, 12)),
  );
});

const amber: Load = { kind: 'led', led: ledModelOf('amber') };
const run = (change: Partial<DischargeInput>): ReturnType<typeof discharge> =>
  discharge({
    strings: [[ageing(), ageing(), ageing(), ageing()]],
    load: amber,
    thermalVolts: ROOM_THERMAL_VOLTS,
    seconds: 3600,
    atSeconds: [0, 60, 3600],
    leastAmps: 0,
    ...change,
  });

test('a shorted cell falls to about a half within minutes (common practice, no source)', () => {
  const { samples } = run({ strings: [[ageing()]], load: { kind: 'resistor', ohms: 0.01 } });
  const [start, , later] = samples;
  expect(1000 * start!.amps).toBeCloseTo(1.42, 2);
  expect(later!.amps / start!.amps).toBeGreaterThan(0.4);
  expect(later!.amps / start!.amps).toBeLessThan(0.6);
});

/**
 * @check films that grow while current flows
 * @origin closed form: one pair into a resistor
 * @tolerance 5e-8 A
 */
test('film pairs approach their end exponentially: one pair into a resistor against the closed form', () => {
  // With one pair the current is first order: τ' = τ·(r + R)/(r + R + R_film).
  const cell = ageing({ fast: { ohms: 500, seconds: 8 }, slow: { ohms: 1e-9, seconds: 240 } });
  const { samples } = run({
    strings: [[cell]],
    load: { kind: 'resistor', ohms: 346 },
    seconds: 30,
    atSeconds: [0, 2, 5, 10, 30],
  });
  const start = 0.93 / 1000;
  const end = 0.93 / 1500;
  const tau = (8 * 1000) / 1500;
  for (const { seconds, amps } of samples) {
    expect(amps).toBeCloseTo(end + (start - end) * Math.exp(-seconds / tau), 7);
  }
});

/**
 * @check metal used up
 * @origin closed form: Faraday, z·F/M
 * @tolerance 5e-5 of the time
 */
test('zinc runs out by Faraday: a steady 1 mA uses 36 C in ten hours', () => {
  const flat = ageing({
    metalCoulombs: 36,
    fast: { ohms: 1e-9, seconds: 8 },
    slow: { ohms: 1e-9, seconds: 240 },
  });
  const outcome = run({
    strings: [[flat, flat]],
    load: { kind: 'device', amps: 1e-3, leastVolts: 0.3 },
    seconds: 100_000,
    atSeconds: [0],
  });
  expect(outcome.end).toMatchObject({ reason: 'metal-used-up', string: 1 });
  expect(outcome.endSeconds / 36_000).toBeCloseTo(1, 4);
});

test('a string lasts as long as its weakest cell, and that cell is named', () => {
  const outcome = run({
    strings: [[ageing(), ageing({ metalCoulombs: 1 }), ageing(), ageing()]],
    seconds: 1e6,
    atSeconds: [0],
  });
  expect(outcome.end).toEqual({ reason: 'metal-used-up', string: 1, cell: 2 });
});

test('strings side by side last longer at the same load', () => {
  const string = [1, 2, 3, 4].map(() => ageing({ metalCoulombs: 5 }));
  const load: Load = { kind: 'device', amps: 0.3e-3, leastVolts: 1.2 };
  const lasts = (strings: AgeingCell[][]): number =>
    run({ strings, load, seconds: 1e6, atSeconds: [0] }).endSeconds;
  expect(lasts([string, string]) / lasts([string])).toBeCloseTo(2, 2);
});

test('drying ends an open run at the time that its rate says', () => {
  const drying = ageing({ dryingPerSecond: 1e-4 });
  const outcome = run({
    strings: [[drying, drying, drying, drying]],
    seconds: 1e5,
    atSeconds: [0],
  });
  expect(outcome.end.reason).toBe('dried-out');
  expect(outcome.endSeconds).toBeCloseTo(0.9 / 1e-4, 0);
});

test('below the wanted current the run is over', () => {
  const outcome = run({ seconds: 3600, leastAmps: 0.5e-3, atSeconds: [0] });
  expect(outcome.end.reason).toBe('too-little-current');
  expect(outcome.endSeconds).toBeGreaterThan(0);
  expect(outcome.endSeconds).toBeLessThan(3600);
});

test('unequal strings: each sample obeys Kirchhoff', () => {
  const outcome = run({
    strings: [
      [ageing(), ageing(), ageing(), ageing()],
      [ageing(), ageing({ cell: { emfVolts: 0.6, resistanceOhms: 2000 } }), ageing(), ageing()],
    ],
    atSeconds: [0, 10, 600, 3600],
  });
  for (const { amps, stringAmps } of outcome.samples) {
    expect(stringAmps.reduce((sum, one) => sum + one, 0)).toBeCloseTo(amps, 12);
    expect(stringAmps[0]!).toBeGreaterThan(stringAmps[1]!);
  }
});

test('energy given to a steady device: volts × amps × seconds', () => {
  const flat = ageing({ fast: { ohms: 1e-9, seconds: 8 }, slow: { ohms: 1e-9, seconds: 240 } });
  const { joules, samples } = run({
    strings: [[flat, flat, flat, flat]],
    load: { kind: 'device', amps: 0.2e-3, leastVolts: 1.5 },
    seconds: 1000,
    atSeconds: Array.from({ length: 11 }, (_, index) => 100 * index),
  });
  expect(joules / (samples[5]!.volts * 0.2e-3 * 1000)).toBeCloseTo(1, 3);
});

test('drying by diffusion: an open pile loses about 0.1 g/h together, a single ring 0.05 g/h (common practice, no source)', () => {
  const base = {
    waterGrams: 0.1,
    wetRadiusMetres: 9.5e-3,
    wrap: 'open',
    humidity: 0.5,
    celsius: 20,
    stacked: 4,
  } as const;
  const open = dryingPerSecond(base);
  const gramsPerHour = (cells: number): number =>
    cells * 0.1 * 3600 * dryingPerSecond({ ...base, stacked: cells });
  expect(gramsPerHour(4)).toBeCloseTo(0.093, 2);
  expect(gramsPerHour(8)).toBeCloseTo(gramsPerHour(4), 9);
  expect(gramsPerHour(1)).toBeCloseTo(0.047, 2);
  // 17.3 g/m³ in saturated air of 20 °C (CRC Handbook, from memory); it doubles with about 11 K.
  expect(saturationGramsPerCubicMetre(20)).toBeCloseTo(17.3, 0);
  expect(dryingPerSecond({ ...base, celsius: 31 }) / open).toBeGreaterThan(1.8);
  expect(dryingPerSecond({ ...base, celsius: 31 }) / open).toBeLessThan(2);
  expect(dryingPerSecond({ ...base, humidity: 1 })).toBe(0);
  // An open pile is dry after hours, a taped one after a day or more (common practice, no source).
  const dryAfterHours = (wrap: 'open' | 'taped'): number =>
    0.9 / dryingPerSecond({ ...base, wrap }) / 3600;
  expect(dryAfterHours('open')).toBeLessThan(8);
  expect(dryAfterHours('open')).toBeGreaterThan(2);
  expect(dryAfterHours('taped')).toBeGreaterThan(24);
});

test.each([Number.NaN, Infinity, 1e300])(
  'rates of %s end the run instead of going on for ever',
  (rate) => {
    const outcome = integrate({
      derivative: () => [rate],
      initial: [0],
      startSeconds: 0,
      endSeconds: 1,
      atSeconds: [1],
      relativeTolerance: 1e-9,
      absoluteTolerance: 1e-10,
    });
    expect(['finished', 'too-many-steps']).toContain(outcome.status);
    if (!Number.isFinite(rate)) expect(outcome.status).toBe('too-many-steps');
  },
);

test.each([1e-300, 5e-324, 1e-30])('a capacitor of %s F ends in an answer', (farads) => {
  const { status } = simulateNetwork(
    {
      components: [
        { type: 'cell', name: 'c', plus: 'p', minus: '0', emfVolts: 0.9, resistanceOhms: 1500 },
        { type: 'resistor', name: 'r', a: 'p', b: 'q', resistanceOhms: 1000 },
        { type: 'capacitor', name: 'k', a: 'q', b: '0', farads, initialVolts: 0 },
      ],
    } as unknown as Parameters<typeof simulateNetwork>[0],
    [0, 5, 60],
  );
  expect(['solved', 'too-many-steps', 'not-converged', 'singular']).toContain(status);
});

/**
 * @check a network with a part that is over in no time, after it
 * @origin closed form: the capacitor behind 1 kΩ charges as V·(1 − e^(−t/RC)); the one behind 1 nΩ is full at once
 * @tolerance 1e-6 of the volts
 */
test('1 nΩ with a capacitor takes no time to be worked out, and changes nothing about the rest', () => {
  const outcome = simulateNetwork(
    networkSchema.parse({
      components: [
        { type: 'cell', name: 'V', plus: '1', minus: '0', emfVolts: 3, resistanceOhms: 0 },
        { type: 'resistor', name: 'R', a: '1', b: '2', resistanceOhms: 1e-9 },
        { type: 'capacitor', name: 'C', a: '2', b: '0', farads: 1e-3, initialVolts: 0 },
        { type: 'resistor', name: 'R2', a: '2', b: '3', resistanceOhms: 1e3 },
        { type: 'capacitor', name: 'C2', a: '3', b: '0', farads: 1e-2, initialVolts: 0 },
      ],
    }),
    [1, 10, 60],
  );
  if (outcome.status !== 'solved') throw new Error(outcome.status);
  for (const { seconds, nodeVolts } of outcome.samples) {
    expect(nodeVolts['2']).toBeCloseTo(3, 6);
    expect(nodeVolts['3']).toBeCloseTo(3 * (1 - Math.exp(-seconds / 10)), 6);
  }
});
