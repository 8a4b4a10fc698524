import { MAD_TO_DEVIATION, median } from './robust';

/** Deviations from which a value counts as far off: B. Iglewicz and D. C. Hoaglin, "How to Detect and Handle Outliers" (ASQC, 1993). */
export const FAR_FROM_DEVIATIONS = 3.5;
/** Of fewer values nobody can say which one is odd. */
const LEAST_VALUES = 3;

/**
 * How many deviations each value of several groups lies from the median of its group. The deviation is common to all
 * groups, as in the analysis of variance: the median absolute deviation of all values from their groups' medians, a few
 * outliers do not move it. Groups of fewer than three values get zeros.
 * @param leastDeviation scatter that is always reckoned with (the last digits of a meter).
 */
export function deviationsFromMedian(
  groups: readonly (readonly number[])[],
  leastDeviation: number,
): readonly (readonly number[])[] {
  const judged = groups.filter(({ length }) => length >= LEAST_VALUES);
  const sizes = judged.flatMap((values) => {
    const middle = median(values);
    const off = values.map((value) => Math.abs(value - middle)).sort((a, b) => a - b);
    // The middle one of an odd number is its own median and says nothing.
    return values.length % 2 === 1 ? off.slice(1) : off;
  });
  const deviation = Math.max(
    leastDeviation,
    sizes.length === 0 ? 0 : MAD_TO_DEVIATION * median(sizes),
  );
  return groups.map((values) => {
    if (values.length < LEAST_VALUES) return values.map(() => 0);
    const middle = median(values);
    return values.map((value) => (value - middle) / deviation);
  });
}
