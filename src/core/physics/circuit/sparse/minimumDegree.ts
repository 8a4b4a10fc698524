/**
 * Elimination order of a symmetric sparse matrix by minimum degree (W. F. Tinney and J. W. Walker, Proc. IEEE 55
 * (1967) 1801): the node with the fewest neighbours goes first and its neighbours become joined. Chains and leaks
 * of a battery keep their few neighbours, so the factor stays about as sparse as the matrix.
 *
 * Joined neighbours are kept as *elements*, lists that several nodes share, instead of being written out pairwise
 * (quotient graph: A. George and J. W. H. Liu, SIAM Review 31 (1989) 1).
 *
 * @param neighbours for each row the other rows it shares an entry with, each once.
 * @returns `order[k]` is the row eliminated as number k.
 */
export function minimumDegree(neighbours: readonly (readonly number[])[]): Int32Array {
  return new QuotientGraph(neighbours).order();
}

class QuotientGraph {
  private readonly size: number;
  /** Neighbours of a node that no element holds. */
  private readonly nodes: number[][];
  /** Elements that a node belongs to, by the pivot that made them. */
  private readonly elements: number[][];
  /** Nodes of an element; empty once it is part of a later one. */
  private readonly members: number[][];
  private readonly degree: Int32Array;
  private readonly eliminated: Uint8Array;
  /** Pivot in whose turn a node was last seen. */
  private readonly seen: Int32Array;
  /** Round in which a node was last counted. */
  private readonly counted: Int32Array;
  private round = 0;
  private readonly buckets: number[][] = [];

  constructor(neighbours: readonly (readonly number[])[]) {
    this.size = neighbours.length;
    this.nodes = neighbours.map((near) => [...near]);
    this.elements = neighbours.map(() => []);
    this.members = neighbours.map(() => []);
    this.degree = Int32Array.from(neighbours, (near) => near.length);
    this.eliminated = new Uint8Array(this.size);
    this.seen = new Int32Array(this.size).fill(-1);
    this.counted = new Int32Array(this.size);
    this.degree.forEach((degree, node) => this.bucket(degree).push(node));
  }

  order(): Int32Array {
    const order = new Int32Array(this.size);
    let count = 0;
    let degree = 0;
    while (count < this.size) {
      const node = this.buckets[degree]?.pop();
      if (node === undefined) {
        degree += 1;
        continue;
      }
      // A node moved to another bucket leaves a stale copy behind.
      if (this.eliminated[node] === 1 || this.degree[node] !== degree) continue;
      order[count] = node;
      count += 1;
      degree = Math.min(degree, this.eliminate(node));
    }
    return order;
  }

  /** Turns a node into an element and returns the smallest degree among its members. */
  private eliminate(pivot: number): number {
    const members = this.reach(pivot);
    this.eliminated[pivot] = 1;
    this.members[pivot] = members;
    let least = this.size;
    for (const node of members) {
      const elements = this.elements[node]!.filter((element) => this.members[element]!.length > 0);
      elements.push(pivot);
      this.elements[node] = elements;
      // What the new element holds need not be listed again.
      const others = this.nodes[node]!.filter(
        (other) => this.seen[other] !== pivot && this.eliminated[other] === 0,
      );
      this.nodes[node] = others;
      const degree = this.distinct(node, others, elements);
      this.degree[node] = degree;
      this.bucket(degree).push(node);
      least = Math.min(least, degree);
    }
    return least;
  }

  /** Number of different nodes among a node's neighbours and the members of its elements. */
  private distinct(node: number, others: readonly number[], elements: readonly number[]): number {
    this.round += 1;
    this.counted[node] = this.round;
    let count = others.length;
    for (const other of others) this.counted[other] = this.round;
    for (const element of elements) {
      for (const member of this.members[element]!) {
        if (this.counted[member] === this.round) continue;
        this.counted[member] = this.round;
        count += 1;
      }
    }
    return count;
  }

  /** All nodes that the pivot touches, directly or through its elements, which end in the new one. */
  private reach(pivot: number): number[] {
    const members: number[] = [];
    const visit = (node: number): void => {
      if (this.eliminated[node] === 1 || this.seen[node] === pivot) return;
      this.seen[node] = pivot;
      members.push(node);
    };
    this.seen[pivot] = pivot;
    this.nodes[pivot]!.forEach(visit);
    for (const element of this.elements[pivot]!) {
      this.members[element]!.forEach(visit);
      this.members[element] = [];
    }
    return members;
  }

  private bucket(degree: number): number[] {
    while (this.buckets.length <= degree) this.buckets.push([]);
    return this.buckets[degree]!;
  }
}
