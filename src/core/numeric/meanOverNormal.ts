/** Gauss–Hermite, seven points, for a standard normal (M. Abramowitz and I. A. Stegun, table 25.10, by √2 and √π). */
const NORMAL_POINTS = [
  [0, 0.4571428571428572],
  [1.154405394739968, 0.2401231786050127],
  [2.366759410734541, 0.03075712396758651],
  [3.750439717725742, 0.0005482688559722178],
] as const;

/** Mean of a function of a standard normal variable. */
export function meanOverNormal(of: (deviations: number) => number): number {
  return NORMAL_POINTS.reduce(
    (sum, [at, weight]) => sum + weight * (at === 0 ? of(0) : of(at) + of(-at)),
    0,
  );
}
