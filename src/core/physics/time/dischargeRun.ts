import type { Load } from '../circuit/load/load';
import type { AgeingCell } from './ageingCell';

export interface DischargeInput {
  /** Strings side by side, each of cells in series. */
  readonly strings: readonly (readonly AgeingCell[])[];
  /** `null`: nothing is connected. */
  readonly load: Load | null;
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
  /** Volts that each kind of cell keeps, in the order of {@link CellLeft}. */
  readonly cellVolts: readonly number[];
}

/** What ends a cell. */
export type CellEnd = 'metal-used-up' | 'dried-out' | 'spoilt';

/** What ends the run, and where. */
export type DischargeEnd =
  | { readonly reason: 'time-is-up' }
  | {
      readonly reason: CellEnd;
      readonly string: number;
      readonly cell: number;
    }
  /** The current fell below what is wanted while metal and water were left: films and drying built up. */
  | { readonly reason: 'too-little-current' };

/** What is left in cells that are alike, all counted from 1. */
export interface CellLeft {
  readonly strings: readonly number[];
  readonly cells: readonly number[];
  readonly metalShare: number;
  readonly waterShare: number;
  /** Of the time until mould and browning end it; 1 where nothing in it spoils. */
  readonly freshShare: number;
  /** When it would end at the current of the moment, seconds from the beginning; infinite where nothing ends it. */
  readonly endsSeconds: number;
  readonly endsBy: CellEnd;
}

/** Energy given to the load over samples, joules (trapezoids). */
export function joulesOf(samples: readonly DischargeSample[]): number {
  let joules = 0;
  samples.forEach((sample, index) => {
    const before = samples[index - 1];
    if (before === undefined) return;
    const watts = (sample.volts * sample.amps + before.volts * before.amps) / 2;
    joules += watts * (sample.seconds - before.seconds);
  });
  return joules;
}
