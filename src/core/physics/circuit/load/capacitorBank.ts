/** Equal capacitors: so many in series, such strings side by side. */
export interface CapacitorBank {
  readonly farads: number;
  readonly ratedVolts: number;
  readonly inSeries: number;
  readonly inParallel: number;
}

/** A bank counts as full at this share of the open-circuit volts: the rest takes for ever. */
export const FULL_SHARE = 0.95;

/** An ordinary electrolytic capacitor, farads (common practice, no source). */
export const ORDINARY_FARADS = 4.7e-3;
/** As it is printed on it: `4700 µF`. */
export const ORDINARY_CAPACITOR = `${Math.round(1e6 * ORDINARY_FARADS)}\u00a0µF`;

export interface BankFacts {
  readonly farads: number;
  readonly ratedVolts: number;
  /** Energy at a voltage, joules: `½CV²`. */
  readonly joules: number;
  /** False where a capacitor would stand above its rated voltage. */
  readonly withinRating: boolean;
}

/** The bank as one capacitor, charged to so many volts. Equal capacitors in series share the volts equally. */
export function bankAt(bank: CapacitorBank, volts: number): BankFacts {
  const farads = (bank.farads * bank.inParallel) / bank.inSeries;
  const ratedVolts = bank.ratedVolts * bank.inSeries;
  return {
    farads,
    ratedVolts,
    joules: 0.5 * farads * volts ** 2,
    withinRating: volts <= ratedVolts,
  };
}
