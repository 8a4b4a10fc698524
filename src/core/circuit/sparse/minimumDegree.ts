/**
 * Elimination order of a symmetric sparse matrix by minimum degree (W. F. Tinney and J. W. Walker, Proc. IEEE 55
 * (1967) 1801): the node with the fewest neighbours goes first and its neighbours become joined. Chains and leaks
 * of a battery keep their few neighbours, so the factor stays about as sparse as the matrix.
 *
 * @param neighbours for each row the set of other rows it shares an entry with; consumed.
 * @returns `order[k]` is the row eliminated as number k.
 */
export function minimumDegree(neighbours: Set<number>[]): Int32Array {
  const size = neighbours.length;
  const order = new Int32Array(size);
  const eliminated = new Uint8Array(size);
  const buckets: number[][] = [];
  neighbours.forEach((set, row) => bucketOf(buckets, set.size).push(row));
  let count = 0;
  let degree = 0;
  while (count < size) {
    const row = buckets[degree]?.pop();
    if (row === undefined) {
      degree += 1;
      continue;
    }
    const near = neighbours[row];
    // A row moved to another bucket leaves a stale copy behind.
    if (near === undefined || eliminated[row] === 1 || near.size !== degree) continue;
    eliminated[row] = 1;
    order[count] = row;
    count += 1;
    degree = Math.min(degree, joinNeighbours(neighbours, buckets, row, near));
  }
  return order;
}

/** Removes `row`, joins its neighbours pairwise and returns the smallest degree among them. */
function joinNeighbours(
  neighbours: Set<number>[],
  buckets: number[][],
  row: number,
  near: Set<number>,
): number {
  let least = Infinity;
  for (const one of near) {
    const set = neighbours[one];
    if (set === undefined) continue;
    set.delete(row);
    for (const other of near) if (other !== one) set.add(other);
    bucketOf(buckets, set.size).push(one);
    least = Math.min(least, set.size);
  }
  return least;
}

function bucketOf(buckets: number[][], degree: number): number[] {
  while (buckets.length <= degree) buckets.push([]);
  return buckets[degree] ?? [];
}
