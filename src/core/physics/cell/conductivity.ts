/** Electrolytes with tabulated conductivity. */
export const CONDUCTORS = ['NaCl', 'KCl', 'acetic acid', 'citric acid'] as const;
export type Conductor = (typeof CONDUCTORS)[number];

/**
 * Conductivity at 20 °C in mS/cm against mass percent: CRC Handbook, “Electrical Conductivity of Aqueous Solutions”,
 * from memory. Pure water counts as zero.
 */
const TABLE: Readonly<Record<Conductor, readonly (readonly [percent: number, mSPerCm: number])[]>> =
  {
    NaCl: [
      [1, 16],
      [5, 70],
      [10, 126],
      [20, 204],
      [25, 222],
    ],
    KCl: [
      [5, 72],
      [10, 143],
    ],
    'acetic acid': [[5, 1.2]],
    'citric acid': [
      [5, 4.7],
      [10, 6.2],
    ],
  };
/** Weak acids conduct with the square root of their strength (Ostwald’s dilution law); salts nearly in proportion. */
const EXPONENT: Readonly<Record<Conductor, number>> = {
  NaCl: 1,
  KCl: 1,
  'acetic acid': 0.5,
  'citric acid': 0.5,
};

export interface Conductivity {
  readonly siemensPerMetre: number;
  /** False where the table had to be left. */
  readonly tabulated: boolean;
}

/** Estimated conductivity at 20 °C in S/m (10 mS/cm = 1 S/m) of a solution of so many mass percent. */
export function conductivity(conductor: Conductor, percent: number): Conductivity {
  const points = TABLE[conductor];
  const [first] = points;
  const last = points.at(-1);
  if (first === undefined || last === undefined) throw new Error(`no table for ${conductor}`);
  const siemens = (mSPerCm: number): number => mSPerCm / 10;
  if (percent <= first[0]) {
    const share = Math.max(0, percent) / first[0];
    return {
      siemensPerMetre: siemens(first[1] * share ** EXPONENT[conductor]),
      tabulated: percent === first[0],
    };
  }
  if (percent >= last[0]) {
    // Strong solutions gain little more; the last value is the honest estimate.
    return { siemensPerMetre: siemens(last[1]), tabulated: percent === last[0] };
  }
  const above = points.findIndex(([at]) => at >= percent);
  const [lowPercent, low] = points[above - 1] ?? first;
  const [highPercent, high] = points[above] ?? last;
  const share = (percent - lowPercent) / (highPercent - lowPercent);
  return { siemensPerMetre: siemens(low + share * (high - low)), tabulated: true };
}
