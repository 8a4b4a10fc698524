/**
 * Elimination order of a symmetric sparse matrix by minimum degree (W. F. Tinney and J. W. Walker, Proc. IEEE 55
 * (1967) 1801): the node with the fewest neighbours goes first and its neighbours become joined. Chains and leaks
 * of a battery keep their few neighbours, so the factor stays about as sparse as the matrix.
 *
 * Joined neighbours are kept as *elements*, lists that several nodes share, instead of being written out pairwise
 * (quotient graph: A. George and J. W. H. Liu, SIAM Review 31 (1989) 1). A node's neighbours are not counted one by one but
 * element by element, which may count one twice (P. R. Amestoy, T. A. Davis and I. S. Duff, SIAM J. Matrix Anal. Appl. 17
 * (1996) 886).
 *
 * @param neighbours for each row the other rows it shares an entry with, each once.
 * @returns `order[k]` is the row eliminated as number k.
 */
export function minimumDegree(neighbours: readonly (readonly number[])[]): Int32Array {
  return new QuotientGraph(neighbours).order();
}

/** Members of an element that is part of a later one. */
const GONE: readonly number[] = [];

class QuotientGraph {
  private readonly size: number;
  /** Neighbours of a node that no element holds. */
  private readonly nodes: number[][];
  /** Elements that a node belongs to, by the pivot that made them. */
  private readonly elements: number[][];
  /** Nodes of an element; empty once it is part of a later one. */
  private readonly members: (readonly number[])[];
  private readonly degree: Int32Array;
  private readonly eliminated: Uint8Array;
  /** Pivot in whose turn a node was last seen. */
  private readonly seen: Int32Array;
  /** Pivot in whose turn an element was last weighed, and how many of its members the pivot's new element lacks. */
  private readonly weighed: Int32Array;
  private readonly beside: Int32Array;
  private readonly buckets: number[][] = [];

  constructor(neighbours: readonly (readonly number[])[]) {
    this.size = neighbours.length;
    this.nodes = neighbours.map((near) => [...near]);
    this.elements = neighbours.map(() => []);
    this.members = neighbours.map(() => GONE);
    this.degree = Int32Array.from(neighbours, (near) => near.length);
    this.eliminated = new Uint8Array(this.size);
    this.seen = new Int32Array(this.size).fill(-1);
    this.weighed = new Int32Array(this.size).fill(-1);
    this.beside = new Int32Array(this.size);
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
    this.weigh(pivot, members);
    this.members[pivot] = members;
    let least = this.size;
    for (const node of members) {
      let degree = members.length - 1;
      const elements = [pivot];
      for (const element of this.elements[node]!) {
        const beside = this.members[element]!.length === 0 ? 0 : this.beside[element]!;
        // An element that lies within the new one is part of it.
        if (beside === 0) this.members[element] = GONE;
        else elements.push(element);
        degree += beside;
      }
      this.elements[node] = elements;
      // What the new element holds need not be listed again.
      const others = this.nodes[node]!.filter(
        (other) => this.seen[other] !== pivot && this.eliminated[other] === 0,
      );
      this.nodes[node] = others;
      degree += others.length;
      this.degree[node] = degree;
      this.bucket(degree).push(node);
      least = Math.min(least, degree);
    }
    return least;
  }

  /** How many members of each element that the new one touches lie beside it. */
  private weigh(pivot: number, members: readonly number[]): void {
    const { weighed, beside } = this;
    for (const node of members) {
      for (const element of this.elements[node]!) {
        if (weighed[element] !== pivot) {
          weighed[element] = pivot;
          beside[element] = this.members[element]!.length;
        }
        beside[element] = beside[element]! - 1;
      }
    }
  }

  /** All nodes that the pivot touches, directly or through its elements, which end in the new one. */
  private reach(pivot: number): number[] {
    const members: number[] = [];
    this.seen[pivot] = pivot;
    this.gather(this.nodes[pivot]!, pivot, members);
    for (const element of this.elements[pivot]!) {
      this.gather(this.members[element]!, pivot, members);
      this.members[element] = GONE;
    }
    return members;
  }

  private gather(nodes: readonly number[], pivot: number, members: number[]): void {
    const { eliminated, seen } = this;
    for (const node of nodes) {
      if (eliminated[node] === 1 || seen[node] === pivot) continue;
      seen[node] = pivot;
      members.push(node);
    }
  }

  private bucket(degree: number): number[] {
    while (this.buckets.length <= degree) this.buckets.push([]);
    return this.buckets[degree]!;
  }
}
