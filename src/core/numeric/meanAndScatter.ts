/** Arithmetic mean; NaN for none. */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** Sample standard deviation; `null` for fewer than two values. */
export function sampleDeviation(values: readonly number[]): number | null {
  if (values.length < 2) return null;
  const middle = mean(values);
  const squares = values.reduce((sum, value) => sum + (value - middle) ** 2, 0);
  return Math.sqrt(squares / (values.length - 1));
}
