import type { CurrentRange, VoltRange } from '../../physics/instruments/meter';
import type { LoggedReading } from './logEntry';
import { quantityOf, type Measurement } from './measurement';
import { formatAmps, formatVolts } from '../../units';

/** A reading as it goes into the log. */
export function readingEntry(
  measurement: Measurement,
  value: number,
  takenAt: string,
  rest: {
    readonly typed?: string;
    readonly meter?: string;
    readonly range?: VoltRange | CurrentRange | null;
  } = {},
): LoggedReading {
  const { typed = null, meter = null, range = null } = rest;
  return {
    kind: 'reading',
    measurement,
    value,
    range,
    source: meter === null ? 'typed' : 'meter',
    typed,
    meter,
    takenAt,
  };
}

/** A value in the words of its quantity. */
export function readingText(measurement: Measurement, value: number): string {
  switch (quantityOf(measurement)) {
    case 'volts':
      return formatVolts(value);
    case 'amps':
      return formatAmps(value);
    case 'light':
      return value > 0.5 ? 'it runs' : 'it does not run';
  }
}

/** Share and least difference, volts and amperes, within which two readings of the same are the same. */
const AGREE = { share: 0.1, volts: 0.05, amps: 5e-6 } as const;

/** Whether reading something again gave the same: nothing twice is the same nothing, whatever the last digits do. */
export function agree(measurement: Measurement, first: number, second: number): boolean {
  const least = quantityOf(measurement) === 'volts' ? AGREE.volts : AGREE.amps;
  return Math.abs(first - second) <= Math.max(AGREE.share * Math.abs(first), least);
}
