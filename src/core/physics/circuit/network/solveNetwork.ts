import type { Issue } from '../../../result';
import { type Branch, type BranchLaw, lawOf } from './branch';
import type { NetworkComponent, NetworkDocument } from './networkSchema';
import { newton } from './newton';
import { fillTieAmps, tieForest, type TieForest } from './ties';
import { ZERO_CELSIUS_IN_KELVIN } from '../../../constants';

export type NetworkOutcome =
  | {
      readonly status: 'solved';
      readonly nodeVolts: Readonly<Record<string, number>>;
      readonly componentAmps: Readonly<Record<string, number>>;
      readonly iterations: number;
      /** Largest difference left between a component's voltage and its law, volts. */
      readonly residualVolts: number;
    }
  | {
      readonly status: 'no-ground' | 'floating' | 'source-loop' | 'singular' | 'not-converged';
      readonly faults: readonly Issue[];
      /** Names of the components concerned. */
      readonly components: readonly string[];
    };

/** Replaces the law of some components, e.g. a capacitor held at its present voltage. */
export type LawOverride = (component: NetworkComponent) => BranchLaw | null;

/**
 * Operating point of any network: node voltages in volts against node `"0"`, and component currents in amperes
 * (cells: out of plus; LEDs: into the anode; others: from the first-named node to the second).
 */
export function solveNetwork(
  network: NetworkDocument,
  override: LawOverride = () => null,
): NetworkOutcome {
  const nodes = new Map<string, number>();
  const nodeIndex = (name: string): number => {
    const known = nodes.get(name);
    if (known !== undefined) return known;
    nodes.set(name, nodes.size);
    return nodes.size - 1;
  };
  const thermalVolts = networkThermalVolts(network.temperatureCelsius);
  const branches = network.components.map((component): Branch => {
    const { from, to, law } = lawOf(component, thermalVolts);
    return {
      name: component.name,
      from: nodeIndex(from),
      to: nodeIndex(to),
      law: override(component) ?? law,
    };
  });
  const ground = nodes.get('0');
  if (ground === undefined) {
    return failed('no-ground', [], branches, 'No component is joined to node “0”, the ground.');
  }
  const floating = floatingNodes(nodes.size, ground, branches);
  if (floating.size > 0) return floatingFailure(floating, branches);
  const tied = tieForest(nodes.size, ground, branches);
  if ('loop' in tied) {
    const loop = [...new Set(tied.loop)];
    return failed(
      'source-loop',
      loop,
      branches,
      `${namesOf(loop, branches)} close a loop without any resistance, so no current can be worked out.`,
    );
  }
  return solveGrouped(nodes, branches, tied.forest);
}

function solveGrouped(
  nodes: ReadonlyMap<string, number>,
  branches: readonly Branch[],
  forest: TieForest,
): NetworkOutcome {
  const solved = newton(branches, forest);
  if (solved.status !== 'solved') {
    const name = branches[solved.worstBranch]?.name ?? 'the network';
    return failed(
      solved.status,
      solved.worstBranch < 0 ? [] : [solved.worstBranch],
      branches,
      solved.status === 'singular'
        ? `The voltage at “${name}” cannot be determined.`
        : `No steady state was found; “${name}” was furthest from one.`,
    );
  }
  const branchAmps = Float64Array.from(solved.branchAmps);
  const netAmps = new Float64Array(nodes.size);
  branches.forEach(({ from, to, law }, index) => {
    if (law.kind === 'tie') return;
    netAmps[from] = netAmps[from]! + branchAmps[index]!;
    netAmps[to] = netAmps[to]! - branchAmps[index]!;
  });
  fillTieAmps(forest, branches, netAmps, branchAmps);
  const ground = forest.offsetVolts[nodes.get('0')!]!;
  const nodeVolts: Record<string, number> = {};
  for (const [name, node] of nodes) {
    nodeVolts[name] =
      solved.groupVolts[forest.groupOfNode[node]!]! + forest.offsetVolts[node]! - ground;
  }
  const componentAmps: Record<string, number> = {};
  branches.forEach(({ name }, index) => (componentAmps[name] = branchAmps[index]!));
  const { iterations, residualVolts } = solved;
  return { status: 'solved', nodeVolts, componentAmps, iterations, residualVolts };
}

function floatingFailure(
  floating: ReadonlySet<number>,
  branches: readonly Branch[],
): NetworkOutcome {
  const touching = branches.flatMap(({ from, to }, index) =>
    floating.has(from) || floating.has(to) ? [index] : [],
  );
  return failed(
    'floating',
    touching,
    branches,
    `${namesOf(touching, branches)}: no conducting path leads from there to ground, so the voltage is undefined.`,
  );
}

function failed(
  status: Exclude<NetworkOutcome['status'], 'solved'>,
  concerned: readonly number[],
  branches: readonly Branch[],
  message: string,
): NetworkOutcome {
  const [first] = concerned;
  return {
    status,
    faults: [{ code: status, path: first === undefined ? [] : ['components', first], message }],
    components: concerned.map((index) => branches[index]!.name),
  };
}

function namesOf(concerned: readonly number[], branches: readonly Branch[]): string {
  const shown = concerned.slice(0, 6).map((index) => branches[index]!.name);
  const more = concerned.length - shown.length;
  return more > 0 ? `${shown.join(', ')} and ${more} more` : shown.join(', ');
}

/**
 * Nodes that no conducting branch joins to ground: their voltage is undefined. Fixed currents and charged capacitors
 * do not count as joining.
 */
export function floatingNodes(
  nodeCount: number,
  ground: number,
  branches: readonly Branch[],
): Set<number> {
  const leader = Int32Array.from({ length: nodeCount }, (_, node) => node);
  const find = (node: number): number => {
    let at = node;
    while (leader[at] !== at) {
      leader[at] = leader[leader[at]!]!;
      at = leader[at]!;
    }
    return at;
  };
  for (const branch of branches) {
    if (branch.law.kind !== 'source') leader[find(branch.from)] = find(branch.to);
  }
  const floating = new Set<number>();
  for (let node = 0; node < nodeCount; node += 1) {
    if (find(node) !== find(ground)) floating.add(node);
  }
  return floating;
}

/**
 * Volts per kelvin, k/e from CODATA 2014, which circuit simulators still carry. Against the exact value of 2018 it
 * is 0.3 millionths low; an LED on a stiff source multiplies that by about thirty, enough to spoil a comparison to
 * 1e-6. See docs/adr/0004-network-documents.md.
 */
const SIMULATOR_VOLTS_PER_KELVIN = 1.38064852e-23 / 1.6021766208e-19;

/** Thermal voltage of network documents, volts. */
export function networkThermalVolts(celsius: number): number {
  return SIMULATOR_VOLTS_PER_KELVIN * (celsius + ZERO_CELSIUS_IN_KELVIN);
}
