/** Equal capacitors: so many in series, such strings side by side. */
export interface CapacitorBank {
  readonly farads: number;
  readonly ratedVolts: number;
  readonly inSeries: number;
  readonly inParallel: number;
}

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
