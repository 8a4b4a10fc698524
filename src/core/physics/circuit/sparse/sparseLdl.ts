import { minimumDegree } from './minimumDegree';

/**
 * Symmetric positive definite solver for circuit matrices, `A = L·D·Lᵀ` (up-looking algorithm of T. A. Davis,
 * "Algorithm 849: a concise sparse Cholesky factorization package", ACM TOMS 31 (2005) 587). The pattern is analysed
 * once; Newton steps only refill and refactor. No pivoting is needed for a positive definite matrix.
 */
export class SparseLdl {
  private readonly size: number;
  /** Row → place in the elimination order. */
  private readonly place: Int32Array;
  /** Upper triangle of the permuted matrix, by columns; the diagonal stands last in each column. */
  private readonly columnStart: Int32Array;
  private readonly rowIndex: Int32Array;
  private readonly values: Float64Array;
  private readonly parent: Int32Array;
  private readonly factorStart: Int32Array;
  private readonly factorRow: Int32Array;
  private readonly factorValue: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly scratch: Float64Array;
  private readonly fill: Int32Array;
  private readonly flag: Int32Array;
  private readonly pattern: Int32Array;

  /** @param pairs off-diagonal places `[row, column]`, in any order, repeats allowed. */
  constructor(size: number, pairs: readonly (readonly [number, number])[]) {
    this.size = size;
    const adjacency = adjacencyOf(size, pairs);
    const order = minimumDegree(adjacency);
    this.place = new Int32Array(size);
    order.forEach((row, index) => (this.place[row] = index));
    this.columnStart = new Int32Array(size + 1);
    const rows: number[] = [];
    for (let column = 0; column < size; column += 1) {
      for (const row of adjacency[order[column]!]!) {
        const above = this.place[row]!;
        if (above < column) rows.push(above);
      }
      rows.push(column);
      this.columnStart[column + 1] = rows.length;
    }
    this.rowIndex = Int32Array.from(rows);
    this.values = new Float64Array(rows.length);
    this.parent = new Int32Array(size).fill(-1);
    this.flag = new Int32Array(size).fill(-1);
    this.fill = new Int32Array(size);
    this.factorStart = this.countFactor();
    const entries = this.factorStart[size] ?? 0;
    this.factorRow = new Int32Array(entries);
    this.factorValue = new Float64Array(entries);
    this.diagonal = new Float64Array(size);
    this.scratch = new Float64Array(size);
    this.pattern = new Int32Array(size);
  }

  clear(): void {
    this.values.fill(0);
  }

  /** Index to pass to {@link add} for the entry at `[row, column]` (or its mirror image). */
  slot(row: number, column: number): number {
    const one = this.place[row] ?? 0;
    const other = this.place[column] ?? 0;
    const low = Math.min(one, other);
    const high = Math.max(one, other);
    const start = this.columnStart[high] ?? 0;
    const end = this.columnStart[high + 1] ?? 0;
    for (let at = start; at < end; at += 1) if (this.rowIndex[at] === low) return at;
    throw new Error(`the pattern has no entry at ${row}, ${column}`);
  }

  add(slot: number, value: number): void {
    this.values[slot] = (this.values[slot] ?? 0) + value;
  }

  /** Factors the filled matrix. Returns the row whose pivot is not positive, or −1 when all went well. */
  factor(): number {
    const { size, parent, flag, fill, pattern, scratch, diagonal } = this;
    const { columnStart, rowIndex, values, factorStart, factorRow, factorValue } = this;
    fill.fill(0);
    flag.fill(-1);
    for (let k = 0; k < size; k += 1) {
      scratch[k] = 0;
      let top = size;
      flag[k] = k;
      for (let at = columnStart[k]!; at < columnStart[k + 1]!; at += 1) {
        let row = rowIndex[at]!;
        scratch[row] = scratch[row]! + values[at]!;
        let length = 0;
        for (; flag[row] !== k; row = parent[row]!) {
          pattern[length] = row;
          length += 1;
          flag[row] = k;
        }
        while (length > 0) pattern[(top -= 1)] = pattern[(length -= 1)]!;
      }
      let pivot = scratch[k]!;
      scratch[k] = 0;
      for (; top < size; top += 1) {
        const row = pattern[top]!;
        const above = scratch[row]!;
        scratch[row] = 0;
        const end = factorStart[row]! + fill[row]!;
        for (let at = factorStart[row]!; at < end; at += 1) {
          const target = factorRow[at]!;
          scratch[target] = scratch[target]! - factorValue[at]! * above;
        }
        const entry = above / diagonal[row]!;
        pivot -= entry * above;
        factorRow[end] = k;
        factorValue[end] = entry;
        fill[row] = fill[row]! + 1;
      }
      diagonal[k] = pivot;
      if (!(pivot > 0)) return this.place.indexOf(k);
    }
    return -1;
  }

  /** Solves `A·x = right` with the last factor; `right` is overwritten by `x`. */
  solve(right: Float64Array): void {
    const { size, place, scratch, factorStart, factorRow, factorValue, diagonal } = this;
    for (let row = 0; row < size; row += 1) scratch[place[row]!] = right[row]!;
    for (let k = 0; k < size; k += 1) {
      const value = scratch[k]!;
      for (let at = factorStart[k]!; at < factorStart[k + 1]!; at += 1) {
        const row = factorRow[at]!;
        scratch[row] = scratch[row]! - factorValue[at]! * value;
      }
    }
    for (let k = 0; k < size; k += 1) scratch[k] = scratch[k]! / diagonal[k]!;
    for (let k = size - 1; k >= 0; k -= 1) {
      let value = scratch[k]!;
      for (let at = factorStart[k]!; at < factorStart[k + 1]!; at += 1) {
        value -= factorValue[at]! * scratch[factorRow[at]!]!;
      }
      scratch[k] = value;
    }
    for (let row = 0; row < size; row += 1) right[row] = scratch[place[row]!]!;
    scratch.fill(0);
  }

  /** Elimination tree and column counts of the factor. */
  private countFactor(): Int32Array {
    const { size, parent, flag, columnStart, rowIndex } = this;
    const counts = new Int32Array(size);
    for (let k = 0; k < size; k += 1) {
      flag[k] = k;
      for (let at = columnStart[k]!; at < columnStart[k + 1]!; at += 1) {
        for (let row = rowIndex[at]!; flag[row] !== k; row = parent[row]!) {
          if (parent[row] === -1) parent[row] = k;
          counts[row] = counts[row]! + 1;
          flag[row] = k;
        }
      }
    }
    const start = new Int32Array(size + 1);
    for (let k = 0; k < size; k += 1) start[k + 1] = start[k]! + counts[k]!;
    return start;
  }
}

/** For each row the others it shares an entry with, each once. */
function adjacencyOf(size: number, pairs: readonly (readonly [number, number])[]): number[][] {
  const listed = Array.from({ length: size }, (): number[] => []);
  for (const [row, column] of pairs) {
    listed[row]!.push(column);
    listed[column]!.push(row);
  }
  const seen = new Int32Array(size).fill(-1);
  return listed.map((near, row) =>
    near.filter((other) => {
      if (seen[other] === row) return false;
      seen[other] = row;
      return true;
    }),
  );
}
