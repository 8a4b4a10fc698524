/** A rising function whose zero is wanted, and what is known of where it lies. */
export interface RootProblem {
  readonly valueAt: (x: number) => number;
  /** Its slope; `null` where none is known: then the bracket is halved. Asked only where the value was asked last. */
  readonly slopeAt: ((x: number) => number) | null;
  /** The value is not above zero here; −∞ where nothing is known. */
  readonly low: number;
  /** The value is not below zero here; +∞ where nothing is known. */
  readonly high: number;
  readonly start: number;
  /** A value as small as this counts as zero. */
  readonly tolerance: number;
}

export interface Root {
  readonly status: 'found' | 'not-converged';
  readonly x: number;
  readonly value: number;
  readonly iterations: number;
}

export const ROOT_DEFAULTS = { maxIterations: 200, widthShare: 1e-15 } as const;
/** First step away from a known end where the other one is not known. */
const FIRST_STEP = 1e-6;

/**
 * Zero of a rising function by Newton's method kept inside a bracket, which grows where one of its ends is not known.
 * Where a step leaves the bracket, it is halved: between two positive ends by their geometric mean, because currents
 * span many decades (W. H. Press et al., Numerical Recipes, 9.4).
 */
export function risingRoot(problem: RootProblem): Root {
  const { valueAt, slopeAt, tolerance } = problem;
  const { maxIterations, widthShare } = ROOT_DEFAULTS;
  let { low, high, start: x } = problem;
  let value = NaN;
  for (let iteration = 1; iteration <= maxIterations; iteration += 1) {
    value = valueAt(x);
    if (value > 0) high = x;
    else low = x;
    const width = high - low;
    const closed =
      width < Infinity && width <= widthShare * Math.max(Math.abs(low), Math.abs(high));
    if (Math.abs(value) <= tolerance || closed) {
      return { status: 'found', x, value, iterations: iteration };
    }
    const next = slopeAt === null ? NaN : x - value / slopeAt(x);
    x = next > low && next < high ? next : inside(low, high, iteration);
  }
  return { status: 'not-converged', x, value, iterations: maxIterations };
}

function inside(low: number, high: number, iteration: number): number {
  if (!Number.isFinite(high)) return low + Math.abs(low) + FIRST_STEP;
  if (!Number.isFinite(low)) return high - Math.abs(high) - FIRST_STEP;
  if (low > 0) return Math.sqrt(low * high);
  return low === 0 ? high / 2 ** Math.min(iteration, 8) : (low + high) / 2;
}
