import { mean } from './meanAndScatter';

/** Spread of values of two kinds: of single values within a group, and of the groups' own levels. */
export interface TwoScatters {
  readonly within: number;
  readonly between: number;
}

export interface HierarchicalMean {
  /** Level that a further group is expected at. */
  readonly mean: number;
  /** Standard deviation of that level: how sure the mean is. */
  readonly meanDeviation: number;
  /** Scatter as it is reckoned with after seeing the values. */
  readonly scatter: TwoScatters;
  /** Standard deviation of one value of a further group. */
  readonly oneDeviation: number;
}

/** How many values, and how many groups, the usual scatter counts for against what was seen. */
const USUAL_COUNTS = { within: 4, between: 3 } as const;

/**
 * Mean of values in groups that have levels of their own: y = θ + u + e with θ ~ N(prior), u ~ N(0, between²) for each
 * group and e ~ N(0, within²) for each value (normal hierarchical model; A. Gelman et al., "Bayesian Data Analysis",
 * 3rd ed., 5.4). Given both scatters, θ is normal with
 * `1/s² + Σ 1/(between² + within²/n)` as its precision. The scatters are those seen (analysis of variance, method of
 * moments; S. R. Searle et al., "Variance Components", 3.6) weighed against the usual ones by their degrees of freedom.
 * @param groups values by group; empty groups are left out. Without any value the prior comes back.
 */
export function hierarchicalMean(
  groups: readonly (readonly number[])[],
  prior: { readonly mean: number; readonly deviation: number },
  usual: TwoScatters,
): HierarchicalMean {
  const filled = groups.filter(({ length }) => length > 0);
  const scatter = scatterOf(filled, usual);
  let precision = 1 / prior.deviation ** 2;
  let weighed = prior.mean * precision;
  for (const values of filled) {
    const weight = 1 / (scatter.between ** 2 + scatter.within ** 2 / values.length);
    precision += weight;
    weighed += weight * mean(values);
  }
  const variance = 1 / precision;
  return {
    mean: weighed * variance,
    meanDeviation: Math.sqrt(variance),
    scatter,
    oneDeviation: Math.sqrt(variance + scatter.between ** 2 + scatter.within ** 2),
  };
}

function scatterOf(groups: readonly (readonly number[])[], usual: TwoScatters): TwoScatters {
  const count = groups.reduce((sum, { length }) => sum + length, 0);
  const inside = groups.reduce((sum, values) => {
    const own = mean(values);
    return sum + values.reduce((squares, value) => squares + (value - own) ** 2, 0);
  }, 0);
  const freeInside = Math.max(0, count - groups.length);
  const within =
    (USUAL_COUNTS.within * usual.within ** 2 + inside) / (USUAL_COUNTS.within + freeInside);
  const freeBetween = Math.max(0, groups.length - 1);
  const seen = freeBetween === 0 ? 0 : betweenSeen(groups, count, within);
  const between =
    (USUAL_COUNTS.between * usual.between ** 2 + freeBetween * seen) /
    (USUAL_COUNTS.between + freeBetween);
  return { within: Math.sqrt(within), between: Math.sqrt(between) };
}

/** Variance of the groups' levels by the method of moments, not below zero. */
function betweenSeen(
  groups: readonly (readonly number[])[],
  count: number,
  withinVariance: number,
): number {
  const all = mean(groups.flat());
  const squares = groups.reduce(
    (sum, values) => sum + values.length * (mean(values) - all) ** 2,
    0,
  );
  const evenSize = count - groups.reduce((sum, { length }) => sum + length ** 2, 0) / count;
  return Math.max(0, (squares - (groups.length - 1) * withinVariance) / evenSize);
}
