import type { CellModel } from '../../cell/cellModel';
import { VOLTMETER_OHMS } from '../../instruments/meter';
import { ledModelOf } from '../load/ledPresets';
import type { NetworkComponent } from '../network/networkSchema';
import { solveNetwork } from '../network/solveNetwork';
import { batteryNetwork, nodeAfter } from './batteryNetwork';
import { FAULT_DEFAULTS, type BatterySpec, type CellFault, type SpecCell } from './batterySpec';

const cell: CellModel = { emfVolts: 0.9, resistanceOhms: 600 };
const good = (faults: CellFault[] = [], body: string | null = null): SpecCell => ({
  cell,
  faults,
  body,
});
const string = (...cells: SpecCell[]): BatterySpec => ({ strings: [cells] });
const voltmeter: NetworkComponent = {
  type: 'resistor',
  name: 'load',
  a: 'plus',
  b: '0',
  resistanceOhms: VOLTMETER_OHMS,
};

function solved(spec: BatterySpec, load: NetworkComponent = voltmeter) {
  const outcome = solveNetwork({
    temperatureCelsius: 27,
    components: [...batteryNetwork(spec), load],
  });
  if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
  return outcome;
}
const openVolts = (spec: BatterySpec): number => solved(spec).nodeVolts['plus']!;
const shortAmps = (spec: BatterySpec): number =>
  solved(spec, { type: 'ammeter', name: 'load', a: 'plus', b: '0' }).componentAmps['load']!;

test('without faults: sums in series', () => {
  expect(openVolts(string(good(), good(), good()))).toBeCloseTo(2.7, 3);
  expect(1000 * shortAmps(string(good(), good(), good()))).toBeCloseTo(1.5, 9);
});

test('a reversed cell subtracts', () => {
  expect(openVolts(string(good(), good([{ kind: 'reversed' }]), good()))).toBeCloseTo(0.9, 3);
});

test('an open joint: no volts at the meter, no current', () => {
  const spec = string(good(), good([{ kind: 'open' }]), good());
  expect(Math.abs(openVolts(spec))).toBeLessThan(0.01);
  expect(shortAmps(spec)).toBeLessThan(1e-11);
});

test('poor contact and a dry cell: volts look fine with no load, the current collapses', () => {
  for (const fault of [
    { kind: 'poor-contact', ohms: FAULT_DEFAULTS.poorContactOhms },
    { kind: 'dry', factor: FAULT_DEFAULTS.dryFactor },
  ] as const) {
    const spec = string(good(), good([fault]), good());
    expect(openVolts(spec)).toBeGreaterThan(2.69);
    expect(shortAmps(spec)).toBeLessThan(0.3 * 1.5e-3);
  }
});

test('touching electrodes and the same metal twice both lose one step, but only the touching one helps the current', () => {
  const touching = string(
    good(),
    good([{ kind: 'shorted', ohms: FAULT_DEFAULTS.shortedOhms }]),
    good(),
  );
  const same = string(good(), good([{ kind: 'same-metal' }]), good());
  expect(openVolts(touching)).toBeCloseTo(1.8, 2);
  expect(openVolts(same)).toBeCloseTo(1.8, 2);
  expect(shortAmps(touching)).toBeGreaterThan(1.4 * shortAmps(same));
});

test('pairs in one body wired “in series” read about one cell, whatever their number', () => {
  for (const pairs of [2, 4, 6]) {
    const spec = string(...Array.from({ length: pairs }, () => good([], 'lemon')));
    const volts = openVolts(spec);
    expect(volts).toBeGreaterThan(0.85);
    expect(volts).toBeLessThan(1.0);
  }
});

test('the links between pairs in one body drain it all the time', () => {
  const { componentAmps } = solved(string(good([], 'lemon'), good([], 'lemon')));
  // Copper of the first and zinc of the second pair: a shorted cell through the fruit.
  expect(1000 * componentAmps['string 1 cell 1 +']!).toBeCloseTo((0.9 / 600) * 1000, 2);
});

test('pairs in one body side by side act as one larger cell', () => {
  const spec: BatterySpec = {
    strings: [[good([], 'lemon')], [good([], 'lemon')], [good([], 'lemon')]],
  };
  expect(openVolts(spec)).toBeCloseTo(0.9, 4);
  expect(1000 * shortAmps(spec)).toBeCloseTo(3 * 1.5, 6);
});

test('the two-body rule: pairs in bodies of their own are untouched by the name', () => {
  const spec = string(good([], 'lemon A'), good([], 'lemon B'));
  expect(openVolts(spec)).toBeCloseTo(1.8, 3);
});

test('wet rims: the pile of the reference network f (2 kΩ over each cell, 5 kΩ over cells 2–4), ngspice 39.3', () => {
  const rim: CellFault = { kind: 'rim-leak', ohms: 2000 };
  const drip: CellFault = { kind: 'drip', over: 3, ohms: 5000 };
  const spec = string(...[1, 2, 3, 4, 5].map((place) => good(place === 2 ? [rim, drip] : [rim])));
  const outcome = solved(spec, {
    type: 'led',
    name: 'load',
    anode: 'plus',
    cathode: '0',
    saturationAmps: 1e-18,
    idealityFactor: 1.9,
    seriesOhms: 5,
  });
  expect(outcome.nodeVolts['plus']).toBeCloseTo(1.68045898412598, 9);
  expect(outcome.componentAmps['string 1 cell 1']).toBeCloseTo(0.000856056806636861, 10);
});

test('unequal strings: the strong one drives current back through the weak one', () => {
  const spec: BatterySpec = {
    strings: [
      [good(), good(), good()],
      [good(), good([{ kind: 'reversed' }]), good()],
    ],
  };
  const { componentAmps } = solved(spec);
  expect(componentAmps['string 2 cell 1']).toBeLessThan(0);
  expect(componentAmps['string 1 cell 1']).toBeCloseTo(-componentAmps['string 2 cell 1']!, 6);
});

test('nodes are named by string and cell', () => {
  const spec = string(good(), good());
  expect([0, 1, 2].map((cells) => nodeAfter(spec, 1, cells))).toEqual([
    '0',
    'string 1 after cell 1',
    'plus',
  ]);
});

test('a shared body feeding an LED solves with curved cells too', () => {
  const curved: CellModel = {
    ...cell,
    activation: { slopeVolts: 0.03, exchangeAmps: 1e-5 },
    limitingAmps: 3e-3,
    concentrationVolts: 0.03,
  };
  const spec: BatterySpec = {
    strings: [
      [1, 2, 3, 4].map((): SpecCell => ({ cell: curved, faults: [], body: 'melon' })),
      [1, 2, 3, 4].map((place): SpecCell => ({ cell: curved, faults: [], body: `own ${place}` })),
    ],
  };
  const { nodeVolts } = solved(spec, {
    type: 'led',
    name: 'load',
    anode: 'plus',
    cathode: '0',
    ...ledModelOf('red'),
  });
  expect(nodeVolts['plus']).toBeGreaterThan(0.8);
  expect(nodeVolts['plus']).toBeLessThan(1.7);
});

test('a group in a string is solved as it stands: two cells side by side in place of one', () => {
  const spec: BatterySpec = { strings: [[good(), { strings: [[good()], [good()]] }, good()]] };
  expect(openVolts(spec)).toBeCloseTo(2.7, 3);
  // 600 + 300 + 600 ohms.
  expect(1000 * shortAmps(spec)).toBeCloseTo(2.7 / 1.5, 6);
  const { componentAmps } = solved(spec, { type: 'ammeter', name: 'load', a: 'plus', b: '0' });
  expect(componentAmps['string 1 cell 2, string 2 cell 1']).toBeCloseTo(0.9e-3, 9);
});
