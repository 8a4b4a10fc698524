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
import { netlistOf, type Netlist } from './netlistOf';

/**
 * Differential tests against ngspice, a general-purpose circuit simulator (Debian package `ngspice`). `npm test`
 * installs it; where it is missing these tests fail.
 */
const NGSPICE = '/usr/bin/ngspice';

const folder = mkdtempSync(join(tmpdir(), 'grozer-spice-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Runs decks unchanged in one start of the simulator and reads what each prints: `v(n1) = 1.2e+00`. */
function runSpice(decks: readonly string[]): Map<string, number>[] {
  const START = '@@ next';
  const file = (name: string, text: string): string => {
    const path = join(folder, name);
    writeFileSync(path, text);
    return path;
  };
  const sources = decks.flatMap((text, index) => [
    `echo ${START}`,
    `source ${file(`${index}.cir`, text)}`,
    'remcirc',
  ]);
  const all = file('all.cir', ['* all', '.control', ...sources, '.endc', '.end', ''].join('\n'));
  const run = spawnSync(NGSPICE, ['-b', all], { encoding: 'utf8', timeout: 60_000 });
  if (run.error !== undefined) throw run.error;
  const printed = run.stdout.split(`${START}\n`).slice(1);
  expect(printed).toHaveLength(decks.length);
  return printed.map((text, index) => {
    const found = new Map<string, number>();
    for (const [, name, value] of text.matchAll(/^([vi]\([^)]*\)) = (\S+)$/gm)) {
      if (name !== undefined) found.set(name, Number(value));
    }
    if (found.size === 0) throw new Error(`${text}\n${run.stderr}\n${decks[index]}`);
    return found;
  });
}

interface Comparison {
  relative: number;
  worst: string;
}

/** Largest relative difference between Grozer and ngspice over all node volts and probed currents of each network. */
function differencesOf(networks: readonly NetworkDocument[]): Comparison[] {
  const netlists = networks.map((network) => netlistOf(network));
  const runs = runSpice(netlists.map(({ text }) => text));
  return networks.map((network, index) => differenceOf(network, netlists[index]!, runs[index]!));
}

function differenceOf(
  network: NetworkDocument,
  netlist: Netlist,
  spice: ReadonlyMap<string, number>,
): Comparison {
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

const references = reference.cases
  .filter(({ analysis }) => analysis === 'operating-point')
  .filter((_, index) => index % 4 === 0);

/**
 * @check the reference networks as netlists, run anew
 * @origin library: ngspice of Debian
 * @tolerance 1e-6 of each voltage and current
 */
test('the netlists of the reference networks run in ngspice and agree', () => {
  expect(references.length).toBeGreaterThan(10);
  const found = differencesOf(references.map(({ network }) => networkSchema.parse(network)));
  expect(
    found.flatMap(({ relative, worst }, index) =>
      relative < 1e-6 ? [] : [`${references[index]!.id}: ${worst}`],
    ),
  ).toEqual([]);
});

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
 * @check 50 random batteries with curves, leaks and reversed cells
 * @origin library: ngspice of Debian
 * @tolerance 1e-4 of each voltage and current
 */
test('random batteries with curves, leaks and reversed cells agree with ngspice to 1e-4', () => {
  const found = differencesOf(fc.sample(networks, { numRuns: 50, seed: 5 }));
  expect(found.flatMap(({ relative, worst }) => (relative < 1e-4 ? [] : [worst]))).toEqual([]);
});

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
