const { abs, exp, PI, sqrt } = Math;
const HEIGHT = 1 / sqrt(2 * PI);

/**
 * Share of the standard normal distribution below so many deviations, to 7.5e-8 (M. Abramowitz and I. A. Stegun,
 * Handbook of Mathematical Functions (1964), 26.2.17). A whole statistics package on every page would be too much for it.
 */
export function normalShareBelow(deviations: number): number {
  const size = abs(deviations);
  const t = 1 / (1 + 0.2316419 * size);
  const series =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const above = HEIGHT * exp((-size * size) / 2) * series;
  return deviations < 0 ? above : 1 - above;
}

/** Deviations below which a share of the standard normal distribution lies, to 4.5e-4 (the same handbook, 26.2.23). */
export function deviationsBelow(share: number): number {
  const tail = Math.min(share, 1 - share);
  const t = sqrt(-2 * Math.log(tail));
  const size =
    t -
    (2.515517 + t * (0.802853 + t * 0.010328)) /
      (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)));
  return share < 0.5 ? -size : size;
}

/** Share of a normal distribution above zero. */
export function shareAbove(mean: number, deviation: number): number {
  if (deviation === 0) return mean >= 0 ? 1 : 0;
  return normalShareBelow(mean / deviation);
}
