/** What of a battery must be bought, carried and joined. */
export interface Taken {
  /** Bodies: fruit, cups, layers of a pile. */
  readonly cells: number;
  /** Pairs of metal in all of them. */
  readonly pairs: number;
  readonly strings: number;
  readonly foodGrams: number;
}

/**
 * Which of two batteries takes less: fewest bodies, then pairs, then leads (one more than the cells in each string; the joining of
 * pairs goes with them), then food, where halves do as well as whole ones.
 */
export function compareLeast(a: Taken, b: Taken): number {
  return (
    a.cells - b.cells ||
    a.pairs - b.pairs ||
    a.strings - b.strings ||
    Math.round(a.foodGrams - b.foodGrams)
  );
}
