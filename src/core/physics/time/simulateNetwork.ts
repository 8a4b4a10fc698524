import type { BranchLaw } from '../circuit/network/branch';
import type { NetworkComponent, NetworkDocument } from '../circuit/network/networkSchema';
import { solveNetwork, type NetworkOutcome } from '../circuit/network/solveNetwork';
import { integrate, type IntegrationProblem } from './integrate';
import { fastestRate, integrateStiff } from './integrateStiff';

type Capacitor = Extract<NetworkComponent, { type: 'capacitor' }>;
type Solved = Extract<NetworkOutcome, { status: 'solved' }>;

/** Capacitors on the same two nodes: one state, the current shared in proportion. */
interface Bank {
  readonly leader: Capacitor;
  readonly members: readonly Capacitor[];
  readonly farads: number;
}

export interface NetworkSample {
  readonly seconds: number;
  readonly nodeVolts: Readonly<Record<string, number>>;
  readonly componentAmps: Readonly<Record<string, number>>;
}

export type SimulationOutcome =
  | { readonly status: 'solved'; readonly samples: readonly NetworkSample[] }
  | Exclude<NetworkOutcome, { status: 'solved' }>
  | {
      readonly status: 'too-many-steps';
      readonly faults: readonly [];
      readonly components: readonly [];
    };

/** From so many of its fastest times on a network is stiff. */
const STIFF_FROM = 3000;
const TOLERANCE = { relative: 1e-9, absolute: 1e-10 } as const;

/**
 * A network with capacitors in time, from their initial volts. At each moment the capacitors are held at their
 * volts, the network is solved, and their currents are the rates of change: `dV/dt = I/C`.
 */
export function simulateNetwork(
  network: NetworkDocument,
  atSeconds: readonly number[],
): SimulationOutcome {
  const banks = banksOf(network);
  const solveAt = (volts: readonly number[]): NetworkOutcome =>
    solveNetwork(network, (component) => heldLaw(component, banks, volts));
  const initial = banks.map(({ leader }) => leader.initialVolts);
  const first = solveAt(initial);
  if (first.status !== 'solved') return first;
  const times = [...atSeconds].sort((a, b) => a - b);
  let failure: Exclude<NetworkOutcome, { status: 'solved' }> | null = null;
  const problem: IntegrationProblem = {
    initial,
    startSeconds: 0,
    endSeconds: times.at(-1) ?? 0,
    atSeconds: times,
    relativeTolerance: TOLERANCE.relative,
    absoluteTolerance: TOLERANCE.absolute,
    derivative: (_, volts) => {
      const outcome = solveAt(volts);
      if (outcome.status !== 'solved') {
        failure = outcome;
        return volts.map(() => 0);
      }
      return banks.map(({ leader, farads }) => outcome.componentAmps[leader.name]! / farads);
    },
  };
  const isStiff = banks.length > 0 && fastestRate(problem) * problem.endSeconds > STIFF_FROM;
  const run = isStiff ? integrateStiff(problem) : integrate(problem);
  if (failure !== null) return failure;
  if (run.status === 'too-many-steps') {
    return { status: 'too-many-steps', faults: [], components: [] };
  }
  const samples: NetworkSample[] = [];
  for (const { seconds, state } of run.samples) {
    const outcome = solveAt(state);
    if (outcome.status !== 'solved') return outcome;
    samples.push(sampleOf(seconds, outcome, banks));
  }
  return { status: 'solved', samples };
}

function banksOf(network: NetworkDocument): Bank[] {
  const byNodes = new Map<string, Capacitor[]>();
  for (const component of network.components) {
    if (component.type !== 'capacitor') continue;
    const key = [component.a, component.b].sort().join('\u0000');
    byNodes.set(key, [...(byNodes.get(key) ?? []), component]);
  }
  return [...byNodes.values()].flatMap((members) => {
    const [leader] = members;
    if (leader === undefined) return [];
    return [{ leader, members, farads: members.reduce((sum, one) => sum + one.farads, 0) }];
  });
}

function heldLaw(
  component: NetworkComponent,
  banks: readonly Bank[],
  volts: readonly number[],
): BranchLaw | null {
  if (component.type !== 'capacitor') return null;
  const index = banks.findIndex(({ leader }) => leader === component);
  // Followers of a bank carry their share of the leader's current, filled in afterwards.
  return index < 0 ? { kind: 'source', amps: 0 } : { kind: 'tie', volts: volts[index] ?? 0 };
}

function sampleOf(seconds: number, outcome: Solved, banks: readonly Bank[]): NetworkSample {
  const componentAmps: Record<string, number> = { ...outcome.componentAmps };
  for (const { leader, members, farads } of banks) {
    const total = componentAmps[leader.name] ?? 0;
    for (const member of members) {
      const sign = member.a === leader.a ? 1 : -1;
      componentAmps[member.name] = (sign * total * member.farads) / farads;
    }
  }
  return { seconds, nodeVolts: outcome.nodeVolts, componentAmps };
}
