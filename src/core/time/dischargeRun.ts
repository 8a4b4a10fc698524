import type { Load } from '../circuit/load/load';
import type { AgeingCell } from './ageingCell';

export interface DischargeInput {
  /** Strings side by side, each of cells in series. */
  readonly strings: readonly (readonly AgeingCell[])[];
  readonly load: Load;
  readonly thermalVolts: number;
  readonly seconds: number;
  /** Times at which the state is wanted, rising. */
  readonly atSeconds: readonly number[];
  /** The run is over when the current falls below this, amperes; 0 to go on. */
  readonly leastAmps: number;
}

export interface DischargeSample {
  readonly seconds: number;
  readonly volts: number;
  readonly amps: number;
  readonly stringAmps: readonly number[];
}

/** What ends the run, and where. */
export type DischargeEnd =
  | { readonly reason: 'time-is-up' }
  | {
      readonly reason: 'metal-used-up' | 'dried-out';
      readonly string: number;
      readonly cell: number;
    }
  /** The current fell below what is wanted while metal and water were left: films and drying built up. */
  | { readonly reason: 'too-little-current' };
