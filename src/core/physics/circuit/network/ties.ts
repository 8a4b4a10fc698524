import type { Branch } from './branch';

/**
 * Nodes joined by fixed voltages move together. They are grouped, one unknown per group, which removes ideal sources
 * and ammeters from the matrix and makes loops of them visible.
 */
export interface TieForest {
  /** Group of each node; group 0 holds ground. */
  readonly groupOfNode: Int32Array;
  readonly groupCount: number;
  /** Volts of each node above its group's first node. */
  readonly offsetVolts: Float64Array;
  /** Tree ties from the roots outwards: `child` hangs on `parent` by branch number `branch`. */
  readonly steps: readonly TieStep[];
}

interface TieStep {
  readonly branch: number;
  readonly parent: number;
  readonly child: number;
}

/** Groups the nodes, or names the branches of a loop of ideal sources and ammeters. */
export function tieForest(
  nodeCount: number,
  ground: number,
  branches: readonly Branch[],
): { forest: TieForest } | { loop: number[] } {
  const ties = branches.flatMap((branch, index) => (branch.law.kind === 'tie' ? [index] : []));
  const touching = adjacency(ties, branches);
  const groupOfNode = new Int32Array(nodeCount).fill(-1);
  const offsetVolts = new Float64Array(nodeCount);
  const steps: TieStep[] = [];
  const arrivedBy = new Map<number, TieStep>();
  let groupCount = 0;
  const grow = (root: number): number | null => {
    groupOfNode[root] = groupCount;
    const queue = [root];
    for (let at = 0; at < queue.length; at += 1) {
      const parent = queue[at]!;
      for (const index of touching.get(parent) ?? []) {
        if (arrivedBy.get(parent)?.branch === index) continue;
        const branch = branches[index]!;
        const child = branch.from === parent ? branch.to : branch.from;
        if (groupOfNode[child] !== -1) return index;
        const volts = branch.law.kind === 'tie' ? branch.law.volts : 0;
        groupOfNode[child] = groupCount;
        offsetVolts[child] = offsetVolts[parent]! + (branch.from === parent ? -volts : volts);
        const step = { branch: index, parent, child };
        steps.push(step);
        arrivedBy.set(child, step);
        queue.push(child);
      }
    }
    groupCount += 1;
    return null;
  };
  for (const root of rootsFromGround(nodeCount, ground)) {
    if (groupOfNode[root] !== -1) continue;
    const closing = grow(root);
    if (closing !== null) return { loop: loopThrough(closing, branches, arrivedBy) };
  }
  return { forest: { groupOfNode, groupCount, offsetVolts, steps } };
}

/**
 * Currents of the tree ties by Kirchhoff's current law, outermost first.
 * @param netAmps per node, what all other branches carry away from it; consumed.
 */
export function fillTieAmps(
  forest: TieForest,
  branches: readonly Branch[],
  netAmps: Float64Array,
  branchAmps: Float64Array,
): void {
  for (let at = forest.steps.length - 1; at >= 0; at -= 1) {
    const { branch, parent, child } = forest.steps[at]!;
    const away = netAmps[child]!;
    branchAmps[branch] = branches[branch]!.from === child ? -away : away;
    netAmps[parent] = netAmps[parent]! + away;
  }
}

function* rootsFromGround(nodeCount: number, ground: number): Generator<number> {
  yield ground;
  for (let node = 0; node < nodeCount; node += 1) yield node;
}

function adjacency(ties: readonly number[], branches: readonly Branch[]): Map<number, number[]> {
  const touching = new Map<number, number[]>();
  const touch = (node: number, index: number): void => {
    const known = touching.get(node);
    if (known === undefined) touching.set(node, [index]);
    else known.push(index);
  };
  for (const index of ties) {
    touch(branches[index]!.from, index);
    touch(branches[index]!.to, index);
  }
  return touching;
}

/** The closing branch and the tree ties between its two ends. */
function loopThrough(
  closing: number,
  branches: readonly Branch[],
  arrivedBy: ReadonlyMap<number, TieStep>,
): number[] {
  const pathToRoot = (node: number): number[] => {
    const path: number[] = [];
    for (let step = arrivedBy.get(node); step !== undefined; step = arrivedBy.get(step.parent)) {
      path.push(step.branch);
    }
    return path;
  };
  const one = pathToRoot(branches[closing]!.from);
  const other = pathToRoot(branches[closing]!.to);
  const shared = new Set(one.filter((index) => other.includes(index)));
  return [closing, ...one, ...other].filter((index) => !shared.has(index));
}
