import { keepingLast } from '../../../keepingLast';
import { minimumDegree } from './minimumDegree';

/** What a matrix of one pattern is solved with, whatever its values are. */
interface Analysis {
  /** Row → place in the elimination order. */
  readonly place: Int32Array;
  /** Upper triangle of the permuted matrix, by columns; the diagonal stands last in each column. */
  readonly columnStart: Int32Array;
  readonly rowIndex: Int32Array;
  readonly factorStart: Int32Array;
  /** Columns in which each row of the factor has an entry, each after those that change it. */
  readonly patternStart: Int32Array;
  readonly pattern: Int32Array;
}

interface PatternOfMatrix {
  readonly size: number;
  /** Off-diagonal places `[row, column]`, in any order, repeats allowed. */
  readonly pairs: readonly (readonly [number, number])[];
}

function analysed({ size, pairs }: PatternOfMatrix): Analysis {
  const adjacency = adjacencyOf(size, pairs);
  const order = minimumDegree(adjacency);
  const place = new Int32Array(size);
  order.forEach((row, index) => (place[row] = index));
  const columnStart = new Int32Array(size + 1);
  const rows: number[] = [];
  for (let column = 0; column < size; column += 1) {
    for (const row of adjacency[order[column]!]!) {
      const above = place[row]!;
      if (above < column) rows.push(above);
    }
    rows.push(column);
    columnStart[column + 1] = rows.length;
  }
  const rowIndex = Int32Array.from(rows);
  const { starts, patterns } = patternOfFactor(columnStart, rowIndex);
  const factorStart = startsOfColumns(size, patterns);
  return { place, columnStart, rowIndex, factorStart, patternStart: starts, pattern: patterns };
}

/** A battery is solved again and again with other values; so many of its patterns are kept. */
const MOST_KEPT = 64;
/** Larger ones take longer to be recognised than to be analysed. */
const LARGEST_KEPT = 64;
const analysedBefore = keepingLast(
  MOST_KEPT,
  ({ size, pairs }: PatternOfMatrix) => `${size}: ${pairs.join(' ')}`,
  analysed,
);

/**
 * Symmetric positive definite solver for circuit matrices, `A = L·D·Lᵀ` (up-looking algorithm of T. A. Davis,
 * "Algorithm 849: a concise sparse Cholesky factorization package", ACM TOMS 31 (2005) 587). The pattern is analysed
 * once; Newton steps only refill and refactor. No pivoting is needed for a positive definite matrix.
 */
export class SparseLdl {
  private readonly size: number;
  private readonly place: Int32Array;
  private readonly columnStart: Int32Array;
  private readonly rowIndex: Int32Array;
  private readonly values: Float64Array;
  /** What {@link clear} goes back to. */
  private readonly kept: Float64Array;
  private readonly factorStart: Int32Array;
  private readonly factorRow: Int32Array;
  private readonly factorValue: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly scratch: Float64Array;
  /** Where the next entry of a column goes. */
  private readonly fill: Int32Array;
  private readonly patternStart: Int32Array;
  private readonly pattern: Int32Array;

  /** @param pairs off-diagonal places `[row, column]`, in any order, repeats allowed. */
  constructor(size: number, pairs: PatternOfMatrix['pairs']) {
    this.size = size;
    const analysis = (size <= LARGEST_KEPT ? analysedBefore : analysed)({ size, pairs });
    this.place = analysis.place;
    this.columnStart = analysis.columnStart;
    this.rowIndex = analysis.rowIndex;
    this.factorStart = analysis.factorStart;
    this.patternStart = analysis.patternStart;
    this.pattern = analysis.pattern;
    this.values = new Float64Array(this.rowIndex.length);
    this.kept = new Float64Array(this.rowIndex.length);
    this.fill = new Int32Array(size);
    this.factorRow = new Int32Array(this.pattern.length);
    this.factorValue = new Float64Array(this.pattern.length);
    this.diagonal = new Float64Array(size);
    this.scratch = new Float64Array(size);
  }

  /** Back to what was kept; to nothing where nothing was. */
  clear(): void {
    this.values.set(this.kept);
  }

  /** What is filled in now stays through {@link clear}. */
  keep(): void {
    this.kept.set(this.values);
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
    const { size, fill, pattern, patternStart, scratch, diagonal } = this;
    const { columnStart, rowIndex, values, factorStart, factorRow, factorValue } = this;
    fill.set(factorStart.subarray(0, size));
    for (let k = 0; k < size; k += 1) {
      for (let at = columnStart[k]!; at < columnStart[k + 1]!; at += 1) {
        scratch[rowIndex[at]!] = values[at]!;
      }
      let pivot = scratch[k]!;
      scratch[k] = 0;
      for (let place = patternStart[k]!; place < patternStart[k + 1]!; place += 1) {
        const row = pattern[place]!;
        const above = scratch[row]!;
        scratch[row] = 0;
        const end = fill[row]!;
        for (let at = factorStart[row]!; at < end; at += 1) {
          const target = factorRow[at]!;
          scratch[target] = scratch[target]! - factorValue[at]! * above;
        }
        const entry = above / diagonal[row]!;
        pivot -= entry * above;
        factorRow[end] = k;
        factorValue[end] = entry;
        fill[row] = end + 1;
      }
      diagonal[k] = pivot;
      if (!(pivot > 0)) {
        scratch.fill(0);
        return this.place.indexOf(k);
      }
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
}

/** Where the rows of the factor have entries: what the elimination tree leads to from those of the matrix. */
function patternOfFactor(
  columnStart: Int32Array,
  rowIndex: Int32Array,
): { starts: Int32Array; patterns: Int32Array } {
  const size = columnStart.length - 1;
  const parent = new Int32Array(size).fill(-1);
  const flag = new Int32Array(size).fill(-1);
  const starts = new Int32Array(size + 1);
  const patterns: number[] = [];
  const path = new Int32Array(size);
  const found = new Int32Array(size);
  for (let k = 0; k < size; k += 1) {
    flag[k] = k;
    let top = size;
    for (let at = columnStart[k]!; at < columnStart[k + 1]!; at += 1) {
      let length = 0;
      for (let row = rowIndex[at]!; flag[row] !== k; row = parent[row]!) {
        if (parent[row] === -1) parent[row] = k;
        path[length] = row;
        length += 1;
        flag[row] = k;
      }
      // Each path goes before those that it runs into.
      while (length > 0) found[(top -= 1)] = path[(length -= 1)]!;
    }
    for (; top < size; top += 1) patterns.push(found[top]!);
    starts[k + 1] = patterns.length;
  }
  return { starts, patterns: Int32Array.from(patterns) };
}

function startsOfColumns(size: number, pattern: Int32Array): Int32Array {
  const starts = new Int32Array(size + 1);
  for (const column of pattern) starts[column + 1] = starts[column + 1]! + 1;
  for (let k = 0; k < size; k += 1) starts[k + 1] = starts[k + 1]! + starts[k]!;
  return starts;
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
