export interface Bin {
  readonly from: number;
  readonly to: number;
  readonly share: number;
}

const BINS = 14;

/** Sorted values in equal steps; one edge lies on the wanted value so that no bar is half good. */
export function histogram(sorted: Float64Array, wanted: number): Bin[] {
  const least = sorted[0] ?? 0;
  const most = sorted.at(-1) ?? 0;
  const width = Math.max((most - least) / BINS, wanted * 1e-3, 1e-12);
  const below = Math.max(0, Math.ceil((wanted - least) / width - 1e-9));
  const start = wanted > most ? least : wanted - below * width;
  const last = Math.max(0, Math.floor((most - start) / width + 1e-9));
  const counts = new Array<number>(last + 1).fill(0);
  for (const value of sorted) {
    const at = Math.min(last, Math.max(0, Math.floor((value - start) / width + 1e-9)));
    counts[at] = (counts[at] ?? 0) + 1;
  }
  return counts.map((count, at) => ({
    from: start + at * width,
    to: start + (at + 1) * width,
    share: count / sorted.length,
  }));
}
