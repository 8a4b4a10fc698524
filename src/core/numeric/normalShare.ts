/**
 * Share of the standard normal distribution below so many deviations, to 7.5e-8 (M. Abramowitz and I. A. Stegun,
 * Handbook of Mathematical Functions (1964), 26.2.17). A whole statistics package on every page would be too much for it.
 */
export function normalShareBelow(deviations: number): number {
  const size = Math.abs(deviations);
  const t = 1 / (1 + 0.2316419 * size);
  const series =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const above = (Math.exp((-size * size) / 2) / Math.sqrt(2 * Math.PI)) * series;
  return deviations < 0 ? above : 1 - above;
}
