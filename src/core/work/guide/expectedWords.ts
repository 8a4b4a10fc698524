import { quantityOf, type Measurement } from '../../records/logbook/measurement';
import { formatFixed, formatNumber } from '../../units';
import type { ExpectedReading } from './guideStep';

/** Nine in ten of a normal distribution lie within so many standard deviations of its middle. */
const NINE_IN_TEN = 1.645;

/**
 * Least and most that nine in ten sound batteries read, volts or amperes. Volts scatter by addition; currents by a
 * factor, so that their range never reaches below zero (log-normal with the same mean share of scatter).
 */
export function expectedRange(
  measurement: Measurement,
  { value, deviation }: ExpectedReading,
): readonly [least: number, most: number] {
  if (quantityOf(measurement) === 'amps' && value > 0) {
    const log = Math.sqrt(Math.log1p((deviation / value) ** 2));
    const factor = Math.exp(NINE_IN_TEN * log);
    return [value / factor, value * factor];
  }
  const half = NINE_IN_TEN * deviation;
  return value >= 0
    ? [Math.max(0, value - half), value + half]
    : [value - half, Math.min(0, value + half)];
}

/** The range in words: `1.70 to 2.02 V`, `0.2 to 0.9 mA`. */
export function expectedRangeText(measurement: Measurement, expected: ExpectedReading): string {
  const [least, most] = expectedRange(measurement, expected);
  const volts = quantityOf(measurement) === 'volts';
  const short = (value: number): string =>
    volts ? formatFixed(value) : formatNumber(1000 * value, 2);
  return `${short(least)} to ${short(most)} ${volts ? 'V' : 'mA'}`;
}
