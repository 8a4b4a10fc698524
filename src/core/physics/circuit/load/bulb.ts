import { risingRoot } from '../../../numeric/risingRoot';

/** A filament bulb by what is printed on it. */
export interface BulbModel {
  readonly ratedVolts: number;
  readonly ratedAmps: number;
}

/** Bulb of a pocket torch (printed values, common practice, no source). */
export const TORCH_BULB: BulbModel = { ratedVolts: 2.5, ratedAmps: 0.2 };

/** A cold filament has about a tenth of its hot resistance (common practice, no source). */
export const COLD_SHARE = 0.1;

/**
 * Volts at a current in amperes. The resistance grows with the current from a tenth to the hot value at the rated
 * current, which comes close to the power law `V ∝ I^1.8` of tungsten lamps and stays explicit in the current.
 */
export function bulbVolts({ ratedVolts, ratedAmps }: BulbModel, amps: number): number {
  const share = Math.abs(amps) / ratedAmps;
  const hotOhms = ratedVolts / ratedAmps;
  return hotOhms * (COLD_SHARE + (1 - COLD_SHARE) * share) * amps;
}

/** Differential resistance in ohms. */
export function bulbDifferentialOhms({ ratedVolts, ratedAmps }: BulbModel, amps: number): number {
  const share = Math.abs(amps) / ratedAmps;
  return (ratedVolts / ratedAmps) * (COLD_SHARE + 2 * (1 - COLD_SHARE) * share);
}

/** How a filament looks. */
export type FilamentLook = 'dark' | 'glows' | 'shines';

/**
 * Share of the rated power from which a filament is seen to glow, and from which it shines. Both from memory: at a
 * twentieth of its power it is about as hot as a stove plate.
 */
export const FILAMENT_FROM_SHARE = { glows: 0.05, shines: 0.5 } as const;

/** How a bulb looks at a power in watts. */
export function filamentLook({ ratedVolts, ratedAmps }: BulbModel, watts: number): FilamentLook {
  const share = watts / (ratedVolts * ratedAmps);
  if (share < FILAMENT_FROM_SHARE.glows) return 'dark';
  return share < FILAMENT_FROM_SHARE.shines ? 'glows' : 'shines';
}

/** Current at which it takes a share of its rated power, amperes; the power rises with the current. */
export function ampsOfPower(bulb: BulbModel, share: number): number {
  const wanted = share * bulb.ratedVolts * bulb.ratedAmps;
  return risingRoot({
    valueAt: (amps) => bulbVolts(bulb, amps) * amps - wanted,
    slopeAt: (amps) => bulbVolts(bulb, amps) + amps * bulbDifferentialOhms(bulb, amps),
    low: 0,
    high: bulb.ratedAmps,
    start: bulb.ratedAmps,
    tolerance: 1e-12 * wanted,
  }).x;
}
