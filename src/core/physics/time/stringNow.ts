import { cellDifferentialOhms, terminalVoltage } from '../cell/cellModel';
import type { RcPair } from './ageingCell';
import type { GroupedString } from './groupIdenticalCells';

/** A string at a moment: its curves, and what has built up beside them. */
export interface StringNow {
  readonly grouped: GroupedString;
  /** Number of such strings side by side. */
  readonly count: number;
  /** Wetted share of each curve. */
  readonly wetted: number[];
  ohms: number;
  filmVolts: number;
  /** Kept as the start of the next search. */
  amps: number;
}

/** Volts of a film after a step: `volts` of itself and of the current at the beginning, `ohms` for that at the end. */
export interface FilmStep {
  readonly volts: number;
  readonly ohms: number;
}

export function filmStep(
  { ohms, seconds: time }: RcPair,
  filmVolts: number,
  amps: number,
  seconds: number,
): FilmStep {
  const steps = seconds / time;
  // 1 − e^(−x) and (1 − e^(−x))/x, exact for short steps too.
  const caught = -Math.expm1(-steps);
  const mean = steps > 0 ? caught / steps : 1;
  return {
    volts: filmVolts * (1 - caught) + ohms * amps * (mean - (1 - caught)),
    ohms: ohms * (1 - mean),
  };
}

/** Volts of a string at a current: wetted parts of the electrodes carry all of it. */
export function voltsOf({ grouped, wetted, ohms, filmVolts }: StringNow, amps: number): number {
  let volts = -ohms * amps - filmVolts;
  const { curves } = grouped;
  for (let index = 0; index < curves.length; index += 1) {
    const { cell, times } = curves[index]!;
    volts += times * terminalVoltage(cell, amps / wetted[index]!);
  }
  return volts;
}

/** How fast those volts fall with the current, ohms. */
export function differentialOhmsOf({ grouped, wetted, ohms }: StringNow, amps: number): number {
  let slope = ohms;
  const { curves } = grouped;
  for (let index = 0; index < curves.length; index += 1) {
    const { cell, times } = curves[index]!;
    slope += (times * cellDifferentialOhms(cell, amps / wetted[index]!)) / wetted[index]!;
  }
  return slope;
}
