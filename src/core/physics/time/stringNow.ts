import { cellDifferentialOhms, terminalVoltage } from '../chemistry/cellModel';
import type { GroupedString } from './groupIdenticalCells';

/** A string at a moment: its curves, and what has built up beside them. */
export interface StringNow {
  readonly folded: GroupedString;
  /** Number of such strings side by side. */
  readonly count: number;
  /** Wetted share of each curve. */
  readonly wetted: number[];
  ohms: number;
  filmVolts: number;
  /** Kept as the start of the next search. */
  amps: number;
}

/** Volts of a string at a current: wetted parts of the electrodes carry all of it. */
export function voltsOf({ folded, wetted, ohms, filmVolts }: StringNow, amps: number): number {
  let volts = -ohms * amps - filmVolts;
  const { curves } = folded;
  for (let index = 0; index < curves.length; index += 1) {
    const { cell, times } = curves[index]!;
    volts += times * terminalVoltage(cell, amps / wetted[index]!);
  }
  return volts;
}

/** How fast those volts fall with the current, ohms. */
export function slopeOf({ folded, wetted, ohms }: StringNow, amps: number): number {
  let slope = ohms;
  const { curves } = folded;
  for (let index = 0; index < curves.length; index += 1) {
    const { cell, times } = curves[index]!;
    slope += (times * cellDifferentialOhms(cell, amps / wetted[index]!)) / wetted[index]!;
  }
  return slope;
}

const MAX_ITERATIONS = 100;

/** Zero of a rising function, by Newton from a start that is close, kept inside a bracket that grows as needed. */
export function risingRoot(
  valueAt: (x: number) => number,
  slopeAt: (x: number) => number,
  start: number,
): number {
  let low = -Infinity;
  let high = Infinity;
  let x = start;
  for (let iteration = 0; iteration < MAX_ITERATIONS; iteration += 1) {
    const value = valueAt(x);
    if (Math.abs(value) <= 1e-11) break;
    if (value > 0) high = x;
    else low = x;
    const next = x - value / slopeAt(x);
    if (next > low && next < high) x = next;
    else if (Number.isFinite(low) && Number.isFinite(high)) x = (low + high) / 2;
    else x = Number.isFinite(low) ? low + Math.abs(low) + 1e-6 : high - Math.abs(high) - 1e-6;
    if (high - low <= 1e-15 * Math.abs(x)) break;
  }
  return x;
}
