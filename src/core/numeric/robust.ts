/** Middle of values, the mean of the two middle ones where their number is even; NaN for none. */
export function median(values: readonly number[]): number {
  return quantile(values, 0.5);
}

/** A quarter of the values lie below the first, a quarter above the second. */
export function quartiles(values: readonly number[]): readonly [lower: number, upper: number] {
  return [quantile(values, 0.25), quantile(values, 0.75)];
}

/** Quantile of values in any order: `quantileOfSorted`. */
export function quantile(values: readonly number[], share: number): number {
  return quantileOfSorted(
    [...values].sort((a, b) => a - b),
    share,
  );
}

/**
 * Quantile by linear interpolation between the sorted values (type 7 of R. J. Hyndman and Y. Fan, Am. Stat. 50 (1996) 361).
 * @param share between 0 and 1.
 */
export function quantileOfSorted(sorted: ArrayLike<number>, share: number): number {
  const at = share * (sorted.length - 1);
  const low = sorted[Math.floor(at)] ?? NaN;
  const high = sorted[Math.ceil(at)] ?? NaN;
  return low + (high - low) * (at - Math.floor(at));
}

/** Makes the median absolute deviation of normal values their standard deviation: 1/Φ⁻¹(3/4). */
export const MAD_TO_DEVIATION = 1.4826;

/** Standard deviation by the median absolute deviation from the median: a few outliers do not move it. */
export function robustDeviation(values: readonly number[]): number {
  const middle = median(values);
  return MAD_TO_DEVIATION * median(values.map((value) => Math.abs(value - middle)));
}
