import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import reference from '@/testing/core/referenceNetworks.json';
import { ledModelOf } from '../load/ledPresets';
import {
  networkSchema,
  type NetworkComponent,
  type NetworkDocument,
} from '../network/networkSchema';
import { solveNetwork } from '../network/solveNetwork';
import { netlistOf } from './netlistOf';

/**
 * Differential tests against ngspice, a general-purpose circuit simulator (Debian package `ngspice`). `npm test`
 * installs it; where it is missing these tests fail.
 */
const NGSPICE = '/usr/bin/ngspice';

const folder = mkdtempSync(join(tmpdir(), 'grozer-spice-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Runs a deck unchanged and reads what it prints: `v(n1) = 1.2e+00`. */
function runSpice(text: string): Map<string, number> {
  const file = join(folder, 'deck.cir');
  writeFileSync(file, text);
  const run = spawnSync(NGSPICE, ['-b', file], { encoding: 'utf8', timeout: 20_000 });
  const found = new Map<string, number>();
  for (const [, name, value] of run.stdout.matchAll(/^([vi]\([^)]*\)) = (\S+)$/gm)) {
    if (name !== undefined) found.set(name, Number(value));
  }
  if (found.size === 0) throw new Error(`ngspice printed nothing:\n${run.stdout}\n${run.stderr}`);
  return found;
}

interface Comparison {
  relative: number;
  worst: string;
}

/** Largest relative difference between Grozer and ngspice over all node volts and probed currents. */
function differenceOf(network: NetworkDocument): Comparison {
  const netlist = netlistOf(network);
  const spice = runSpice(netlist.text);
  const solved = solveNetwork(network);
  if (solved.status !== 'solved') throw new Error(JSON.stringify(solved));
  let comparison: Comparison = { relative: 0, worst: 'nothing' };
  const take = (what: string, ours: number, theirs: number | undefined, floor: number): void => {
    if (theirs === undefined) throw new Error(`ngspice did not print ${what}`);
    const relative = Math.abs(ours - theirs) / Math.max(Math.abs(theirs), floor);
    if (relative > comparison.relative)
      comparison = { relative, worst: `${what}: ${ours} against ${theirs}` };
  };
  for (const [node, name] of netlist.nodeNames) {
    // Nodes between the elements of one cell belong to the deck only.
    if (name !== '0' && node in solved.nodeVolts) {
      take(node, solved.nodeVolts[node]!, spice.get(`v(${name})`), 1e-3);
    }
  }
  for (const [component, { source, sign }] of netlist.currentProbes) {
    const theirs = spice.get(`i(${source.toLowerCase()})`);
    take(
      component,
      solved.componentAmps[component]!,
      theirs === undefined ? theirs : sign * theirs,
      1e-5,
    );
  }
  return comparison;
}

const static_ = reference.cases.filter(({ analysis }) => analysis === 'operating-point');

/**
 * @check the reference networks as netlists, run anew
 * @origin library: ngspice of Debian
 * @tolerance 1e-6 of each voltage and current
 */
test.each(static_.filter((_, index) => index % 4 === 0).map((one) => [one.id, one] as const))(
  'the netlist of reference network %s runs in ngspice and agrees',
  (_, one) => {
    const { relative, worst } = differenceOf(networkSchema.parse(one.network));
    expect(`${relative < 1e-6 ? 'agrees' : worst}`).toBe('agrees');
  },
);

const cellKinds = fc.record({
  emfVolts: fc.double({ min: 0.4, max: 1.5, noNaN: true }),
  resistanceOhms: fc.double({ min: 5, max: 2000, noNaN: true }),
  curve: fc.constantFrom('none', 'activation', 'full'),
  leak: fc.option(fc.double({ min: 500, max: 20_000, noNaN: true })),
  reversed: fc.boolean(),
});
type Kind = typeof cellKinds extends fc.Arbitrary<infer One> ? One : never;

const loads = fc.oneof(
  fc.constantFrom('red', 'amber', 'blue').map((colour): NetworkComponent => ({
    type: 'led',
    name: 'load',
    anode: 'top',
    cathode: '0',
    ...ledModelOf(colour as 'red'),
  })),
  fc.double({ min: 10, max: 1e5, noNaN: true }).map((resistanceOhms): NetworkComponent => ({
    type: 'resistor',
    name: 'load',
    a: 'top',
    b: '0',
    resistanceOhms,
  })),
  fc.constant<NetworkComponent>({
    type: 'bulb',
    name: 'load',
    a: 'top',
    b: '0',
    ratedVolts: 2.5,
    ratedAmps: 0.2,
  }),
);

function cellOf(kind: Kind, name: string, below: string, above: string): NetworkComponent[] {
  const [minus, plus] = kind.reversed && name.endsWith('1') ? [above, below] : [below, above];
  const { emfVolts, resistanceOhms, curve, leak } = kind;
  const activation =
    curve === 'none' ? {} : { activation: { slopeVolts: 0.04, exchangeAmps: 5e-6 } };
  const limit =
    curve === 'full' ? { limitingAmps: emfVolts / resistanceOhms, concentrationVolts: 0.04 } : {};
  const cell: NetworkComponent = {
    type: 'cell',
    name,
    minus,
    plus,
    emfVolts,
    resistanceOhms,
    ...activation,
    ...limit,
  };
  return leak === null
    ? [cell]
    : [cell, { type: 'resistor', name: `${name} leak`, a: below, b: above, resistanceOhms: leak }];
}

const networks = fc
  .tuple(
    fc.integer({ min: 1, max: 3 }),
    fc.integer({ min: 1, max: 5 }),
    fc.array(cellKinds, { minLength: 15, maxLength: 15 }),
    loads,
  )
  .map(([strings, length, kinds, load]): NetworkDocument => {
    const components: NetworkComponent[] = [];
    for (let string = 0; string < strings; string += 1) {
      for (let place = 0; place < length; place += 1) {
        const below = place === 0 ? '0' : `s${string} ${place}`;
        const above = place === length - 1 ? 'top' : `s${string} ${place + 1}`;
        components.push(...cellOf(kinds[string * 5 + place]!, `c${string}.${place}`, below, above));
      }
    }
    return { temperatureCelsius: 27, components: [...components, load] };
  });

/**
 * @check 100 random batteries with curves, leaks and reversed cells
 * @origin library: ngspice of Debian
 * @tolerance 1e-4 of each voltage and current
 */
test('random batteries with curves, leaks and reversed cells agree with ngspice to 1e-4', () => {
  fc.assert(
    fc.property(networks, (network) => {
      const { relative, worst } = differenceOf(network);
      expect(`${relative < 1e-4 ? 'agrees' : worst}`).toBe('agrees');
    }),
    { numRuns: 100, seed: 5 },
  );
}, 120_000);

test('names that SPICE would trip over stay in comments', () => {
  const netlist = netlistOf({
    temperatureCelsius: 25,
    components: [
      {
        type: 'cell',
        name: 'a\n.end',
        minus: '0',
        plus: 'pin (1)',
        emfVolts: 1,
        resistanceOhms: 5,
      },
      { type: 'resistor', name: 'wire', a: 'pin (1)', b: 'x', resistanceOhms: 0 },
      { type: 'resistor', name: 'r', a: 'x', b: '0', resistanceOhms: 10 },
    ],
  });
  const statements = netlist.text.split('\n').filter((line) => !line.startsWith('*'));
  expect(statements.join('\n')).not.toContain('pin (1)');
  expect(netlist.text.split('\n').filter((line) => line === '.end')).toHaveLength(1);
  expect(netlist.currentProbes.get('wire')).toBeDefined();
});
