import type { CellEndsAt } from './cellInUse';

/**
 * Gauss–Legendre, four points (M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions, table 25.4), on the root of
 * the time: films grow at once and then ever less. Of a fall e^(−t/τ) the mean is right to half a percent of the fall,
 * however long the time against τ.
 */
const POINTS = [
  [-0.8611363115940526, 0.3478548451374538],
  [-0.3399810435848563, 0.6521451548625461],
  [0.3399810435848563, 0.6521451548625461],
  [0.8611363115940526, 0.3478548451374538],
].map(([x = 0, share = 0]) => {
  const root = (1 + x) / 2;
  return { at: root ** 2, weight: share * root };
});

const MOST_STEPS = 4;
/** The end is found once it moves by less than this share. */
const SETTLED_SHARE = 0.02;

/**
 * When the first cell ends while currents fall: films grow within minutes, water leaves within days. Metal ends with the charge that
 * has flowed, thus with the mean current until then, and the mean depends on the end. From the currents at first, under
 * which it would end too early, each mean over the time so far gives a later one.
 * @param endsAt the first end while each string gives a steady current, amperes
 * @param stringAmpsAt currents of the strings after so many seconds, amperes
 */
export function endAtMeanCurrent(
  endsAt: (stringAmps: readonly number[]) => CellEndsAt,
  stringAmpsAt: (seconds: number) => readonly number[],
): CellEndsAt {
  let ends = endsAt(stringAmpsAt(0));
  for (let step = 0; step < MOST_STEPS && ends.by === 'metal-used-up'; step += 1) {
    const { seconds } = ends;
    if (!Number.isFinite(seconds)) break;
    ends = endsAt(meanCurrents(seconds, stringAmpsAt));
    if (ends.seconds <= seconds * (1 + SETTLED_SHARE)) break;
  }
  return ends;
}

/** Mean current of each string from the beginning on, amperes; `stringAmpsAt`: after so many seconds. */
export function meanCurrents(
  seconds: number,
  stringAmpsAt: (seconds: number) => readonly number[],
): readonly number[] {
  const means: number[] = [];
  for (const { at, weight } of POINTS) {
    stringAmpsAt(at * seconds).forEach((amps, string) => {
      means[string] = (means[string] ?? 0) + weight * amps;
    });
  }
  return means;
}
