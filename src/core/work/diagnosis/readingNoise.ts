import { readingUncertainty } from '../../physics/instruments/classMeter';
import { suitableVoltRange, type CurrentRange } from '../../physics/instruments/meter';

/** A reading while things settle, as a share of it (from memory). */
const SETTLING = { volts: 0.006, amps: 0.04 } as const;

/** What a sound reading strays by itself: cells settle, and the meter has an accuracy. */
export function ampsNoise(amps: number, range: CurrentRange): number {
  return Math.hypot(SETTLING.amps * amps, readingUncertainty(amps, range));
}

/** The same of volts, on the range that suits them. */
export function voltsNoise(volts: number): number {
  return Math.hypot(SETTLING.volts * volts, readingUncertainty(volts, suitableVoltRange(volts)));
}
