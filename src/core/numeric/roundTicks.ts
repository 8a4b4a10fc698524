const STEPS = [1, 2, 5, 10];

/**
 * Round values between two ends, evenly spaced by 1, 2 or 5 times a power of ten, at most so many.
 * @param least less than `most`.
 */
export function roundTicks(least: number, most: number, count: number): number[] {
  const room = (most - least) / Math.max(1, count - 1);
  if (!(room > 0) || !Number.isFinite(room)) return [least];
  const power = 10 ** Math.floor(Math.log10(room));
  const step = power * (STEPS.find((one) => one * power >= room * (1 - 1e-9)) ?? 10);
  const first = Math.ceil(least / step - 1e-9);
  const last = Math.floor(most / step + 1e-9);
  return Array.from({ length: last - first + 1 }, (_, index) =>
    Number(((first + index) * step).toPrecision(12)),
  );
}
