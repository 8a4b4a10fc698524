import fc from 'fast-check';
import { ledModelOf } from '../load/ledPresets';
import { networkSchema, type NetworkComponent, type NetworkDocument } from './networkSchema';
import { solveNetwork } from './solveNetwork';

const solve = (components: NetworkComponent[]) =>
  solveNetwork({ temperatureCelsius: 25, components });

const cell = (name: string, minus: string, plus: string, ohms = 600): NetworkComponent => ({
  type: 'cell',
  name,
  minus,
  plus,
  emfVolts: 0.9,
  resistanceOhms: ohms,
});
const resistor = (
  name: string,
  a: string,
  b: string,
  resistanceOhms: number,
): NetworkComponent => ({
  type: 'resistor',
  name,
  a,
  b,
  resistanceOhms,
});

/**
 * @check three cells shorted through the meter
 * @origin closed form: Kirchhoff
 * @tolerance 0.005 mA
 */
test('3 cells of 0.78 V, 590 Ω shorted through the 20 mA range (10 Ω) give 1.31 mA (Kirchhoff)', () => {
  const outcome = solve([
    { type: 'cell', name: 'c1', minus: '0', plus: 'a', emfVolts: 0.78, resistanceOhms: 590 },
    { type: 'cell', name: 'c2', minus: 'a', plus: 'b', emfVolts: 0.78, resistanceOhms: 590 },
    { type: 'cell', name: 'c3', minus: 'b', plus: 'c', emfVolts: 0.78, resistanceOhms: 590 },
    { type: 'ammeter', name: 'meter', a: 'c', b: 'd' },
    resistor('shunt', 'd', '0', 10),
  ]);
  expect(outcome.status === 'solved' && 1000 * outcome.componentAmps['meter']!).toBeCloseTo(
    1.31,
    2,
  );
});

test('without ground there is no answer', () => {
  const outcome = solve([cell('c', 'a', 'b'), resistor('r', 'a', 'b', 10)]);
  expect(outcome.status).toBe('no-ground');
});

test('a floating part is named, never given numbers', () => {
  const outcome = solve([
    cell('c', '0', 'a'),
    resistor('r', 'a', '0', 100),
    cell('adrift', 'x', 'y'),
    resistor('adrift load', 'x', 'y', 100),
  ]);
  expect(outcome).toMatchObject({ status: 'floating', components: ['adrift', 'adrift load'] });
  expect(outcome).not.toHaveProperty('nodeVolts');
});

test('a part joined by a capacitor or a current source alone floats', () => {
  const capacitor: NetworkComponent = {
    type: 'capacitor',
    name: 'cap',
    a: 'a',
    b: 'b',
    farads: 1e-3,
    initialVolts: 0,
  };
  expect(solve([cell('c', '0', 'a'), capacitor]).status).toBe('floating');
});

test('a loop of ideal sources and ammeters is named', () => {
  const outcome = solve([
    { type: 'cell', name: 'ideal', minus: '0', plus: 'a', emfVolts: 1.5, resistanceOhms: 0 },
    { type: 'ammeter', name: 'meter', a: 'a', b: 'b' },
    resistor('wire', 'b', '0', 0),
    resistor('load', 'a', '0', 100),
  ]);
  expect(outcome.status).toBe('source-loop');
  expect('components' in outcome && [...outcome.components].sort()).toEqual([
    'ideal',
    'meter',
    'wire',
  ]);
});

test('ideal sources in a row and the currents of ammeters come out by Kirchhoff', () => {
  const outcome = solve([
    { type: 'cell', name: 'e1', minus: '0', plus: 'a', emfVolts: 1.5, resistanceOhms: 0 },
    { type: 'cell', name: 'e2', minus: 'a', plus: 'b', emfVolts: 1.5, resistanceOhms: 0 },
    { type: 'ammeter', name: 'meter', a: 'b', b: 'c' },
    resistor('r1', 'c', '0', 300),
    resistor('r2', 'a', '0', 150),
  ]);
  if (outcome.status !== 'solved') throw new Error(outcome.status);
  expect(outcome.nodeVolts['c']).toBeCloseTo(3, 12);
  expect(outcome.componentAmps['meter']).toBeCloseTo(0.01, 12);
  expect(outcome.componentAmps['e2']).toBeCloseTo(0.01, 12);
  expect(outcome.componentAmps['e1']).toBeCloseTo(0.02, 12);
});

test('a reversed LED blocks', () => {
  const outcome = solve([
    { type: 'cell', name: 'c', minus: '0', plus: 'a', emfVolts: 5, resistanceOhms: 1 },
    { type: 'led', name: 'd', anode: '0', cathode: 'a', ...ledModelOf('red') },
  ]);
  expect(outcome.status === 'solved' && Math.abs(outcome.componentAmps['d']!)).toBeLessThan(1e-9);
});

test('an LED without series resistance on a stiff source converges', () => {
  const outcome = solve([
    { type: 'cell', name: 'c', minus: '0', plus: 'a', emfVolts: 3, resistanceOhms: 1e-3 },
    {
      type: 'led',
      name: 'd',
      anode: 'a',
      cathode: '0',
      saturationAmps: 1e-18,
      idealityFactor: 2,
      seriesOhms: 0,
    },
  ]);
  if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
  expect(outcome.nodeVolts['a']!).toBeLessThan(3);
});

test('a weak cell in a strong string is driven backwards and still has an answer', () => {
  const weak: NetworkComponent = {
    type: 'cell',
    name: 'weak',
    minus: 'b',
    plus: 'c',
    emfVolts: 0.9,
    resistanceOhms: 50,
    activation: { slopeVolts: 0.05, exchangeAmps: 1e-6 },
    limitingAmps: 0.1e-3,
    concentrationVolts: 0.05,
  };
  const outcome = solve([
    cell('a', '0', 'a', 50),
    cell('b', 'a', 'b', 50),
    weak,
    resistor('load', 'c', '0', 100),
  ]);
  if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
  // The weak cell’s limit caps the string and its own volts turn round.
  expect(1000 * outcome.componentAmps['load']!).toBeCloseTo(0.1, 3);
  expect(outcome.nodeVolts['c']! - outcome.nodeVolts['b']!).toBeLessThan(0);
});

/** Random connected networks: a chain to ground plus random further branches. */
const networks: fc.Arbitrary<NetworkDocument> = fc
  .tuple(
    fc.integer({ min: 2, max: 12 }),
    fc.array(
      fc.record({
        from: fc.nat(12),
        to: fc.nat(12),
        kind: fc.constantFrom('cell', 'curved', 'resistor', 'led', 'source'),
        size: fc.double({ min: 0.2, max: 1, noNaN: true }),
      }),
      { minLength: 1, maxLength: 20 },
    ),
  )
  .map(([nodes, extra]) => ({
    temperatureCelsius: 25,
    components: [
      ...Array.from({ length: nodes }, (_, index) =>
        cell(`chain ${index}`, String(index), String(index + 1), 100 + 50 * index),
      ),
      ...extra.flatMap((one, index) => extraComponent(one, index, nodes)),
    ],
  }));

function extraComponent(
  one: { from: number; to: number; kind: string; size: number },
  index: number,
  nodes: number,
): NetworkComponent[] {
  const from = String(one.from % (nodes + 1));
  const to = String(one.to % (nodes + 1));
  if (from === to) return [];
  const name = `extra ${index}`;
  switch (one.kind) {
    case 'cell':
      return [
        { type: 'cell', name, minus: from, plus: to, emfVolts: one.size, resistanceOhms: 500 },
      ];
    case 'curved':
      return [
        {
          type: 'cell',
          name,
          minus: from,
          plus: to,
          emfVolts: one.size,
          resistanceOhms: 200,
          activation: { slopeVolts: 0.05, exchangeAmps: 1e-6 },
          limitingAmps: one.size * 1e-3,
          concentrationVolts: 0.04,
        },
      ];
    case 'led':
      return [{ type: 'led', name, anode: from, cathode: to, ...ledModelOf('red') }];
    case 'source':
      return [{ type: 'currentSource', name, from, to, amps: one.size * 1e-3 }];
    default:
      return [resistor(name, from, to, 2000 * one.size)];
  }
}

/** Terminals in the direction in which the component's current is counted. */
function terminals(component: NetworkComponent): [string, string] {
  switch (component.type) {
    case 'cell':
      return [component.minus, component.plus];
    case 'led':
      return [component.anode, component.cathode];
    case 'currentSource':
      return [component.from, component.to];
    case 'device':
      return [component.plus, component.minus];
    default:
      return [component.a, component.b];
  }
}

/**
 * @check random networks
 * @origin closed form: Kirchhoff’s laws and the balance of power
 * @tolerance 1e-9 of the largest current, 1e-8 of the largest power
 */
test('Kirchhoff at every node and power balance, on random networks', () => {
  fc.assert(
    fc.property(networks, (network) => {
      const outcome = solveNetwork(network);
      if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
      const net = new Map<string, number>();
      let watts = 0;
      let largest = 1e-9;
      for (const component of network.components) {
        const [from, to] = terminals(component);
        const amps = outcome.componentAmps[component.name]!;
        net.set(from, (net.get(from) ?? 0) - amps);
        net.set(to, (net.get(to) ?? 0) + amps);
        watts += amps * (outcome.nodeVolts[from]! - outcome.nodeVolts[to]!);
        largest = Math.max(largest, Math.abs(amps));
      }
      for (const amps of net.values()) expect(Math.abs(amps)).toBeLessThan(1e-9 * largest + 1e-15);
      expect(Math.abs(watts)).toBeLessThan(1e-8 * largest + 1e-14);
    }),
    { numRuns: 300 },
  );
});

test('the schema points at what is wrong', () => {
  const parsed = networkSchema.safeParse({
    components: [
      { type: 'cell', name: 'c', plus: 'a', minus: '0', emfVolts: 'x', resistanceOhms: -1 },
      { type: 'resistor', name: 'c', a: 'a', b: '0', resistanceOhms: 5 },
      { type: 'motor', name: 'm' },
    ],
  });
  const paths = parsed.error?.issues.map((issue) => issue.path.join('.'));
  expect(paths).toEqual(
    expect.arrayContaining([
      'components.0.emfVolts',
      'components.0.resistanceOhms',
      'components.2.type',
    ]),
  );
});

test('limiting current and concentration loss belong together', () => {
  const parsed = networkSchema.safeParse({
    components: [
      {
        type: 'cell',
        name: 'c',
        plus: 'a',
        minus: '0',
        emfVolts: 1,
        resistanceOhms: 1,
        limitingAmps: 1,
      },
    ],
  });
  expect(parsed.error?.issues[0]?.path).toEqual(['components', 0, 'concentrationVolts']);
});
