import type { Branch } from './branch';

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
