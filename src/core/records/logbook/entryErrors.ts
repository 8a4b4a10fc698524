import { formatAmps, formatVolts } from '../../units';
import { quantityOf, type Measurement } from './measurement';

/** A value that was probably not meant as it was typed. */
export interface EntryError {
  readonly code: 'unit' | 'sign' | 'not-believable' | 'over-range';
  readonly message: string;
  /** What was probably meant; `null` where only the meter can tell. */
  readonly meant: number | null;
}

/**
 * A point or a unit that was misread, and within which factor of the expected value what is left must lie: volts of sound
 * cells are alike, currents are not (common practice, no source).
 */
const MISREAD = {
  volts: [
    { factor: 1000, near: 4 },
    { factor: 1e-3, near: 4 },
    { factor: 10, near: 1.2 },
    { factor: 0.1, near: 1.2 },
  ],
  amps: [
    { factor: 1000, near: 4 },
    { factor: 1e-3, near: 4 },
    { factor: 100, near: 2.5 },
  ],
} as const;

/**
 * Slips of the pen and of the meter: milliamps typed as amps, millivolts as volts, the probes the wrong way round,
 * more than the metals can give. `null` where the value is believable, wrong though it may be.
 * @param expected volts or amperes that a sound battery would show.
 * @param mostVolts the most that the metals can give there.
 */
export function entryErrorIn(
  measurement: Measurement,
  value: number,
  expected: number,
  mostVolts: number,
): EntryError | null {
  const quantity = quantityOf(measurement);
  if (quantity === 'light' || expected <= 0) return null;
  const format = quantity === 'volts' ? formatVolts : formatAmps;
  const ratio = Math.abs(value) / expected;
  for (const { factor, near } of MISREAD[quantity]) {
    const left = ratio / factor;
    if (left > 1 / near && left < near) {
      const meant = value / factor;
      return { code: 'unit', message: `Did you mean ${format(meant)}?`, meant };
    }
  }
  if (value < 0 && ratio > 0.6 && ratio < 1.5) {
    return {
      code: 'sign',
      message: 'The sign is turned: are the probes swapped (red belongs on +)?',
      meant: -value,
    };
  }
  if (quantity === 'volts' && value > mostVolts) {
    return {
      code: 'not-believable',
      message: `More than these metals can give (${formatVolts(mostVolts)}): check the range and count the cells.`,
      meant: null,
    };
  }
  return null;
}

/**
 * What a display shows when the reading does not fit into its range: a lone 1 at its left, or OL (common practice, no
 * source). `null` for anything else, `1.0` and `1 V` among it.
 */
export function overRangeIn(typed: string): EntryError | null {
  const text = typed.trim();
  if (!/^(-?1\s*[.,]?|[o0][.,]?l|over(load|range)?)$/i.test(text)) return null;
  const digit = text.includes('1');
  return {
    code: 'over-range',
    message: `${digit ? 'A lone 1 at the left of the display' : `“${text}” on the display`} means that the range is too small. Turn the knob to the next larger range and read again.`,
    meant: null,
  };
}
