import { quantityOf, type Measurement } from '../../records/logbook/measurement';
import { readingText } from '../../records/logbook/readingEntry';
import { formatFixed } from '../../units';
import type { ExpectedReading, MeterSetting } from './guideStep';

/** One cause as it is listed. */
export interface ListedCause {
  readonly what: string;
  readonly remedy: string;
  readonly chance: number;
}

/** A measurement that tells more, and how the meter is set for it. */
export interface AskedMeasurement {
  readonly measurement: Measurement;
  readonly meter: MeterSetting | null;
  readonly expected: ExpectedReading;
}

/** Where a cause sits: a cell of a string, or the lead that goes on from its + metal. */
export interface CausePlace {
  readonly string: number;
  readonly cell: number;
  readonly lead: boolean;
}

/** What is said of a group’s bench: worked out once, and told to bench, board, wall and phone alike. */
export interface BenchJudgement {
  /** `reading`: the battery may be sound, but one reading cannot be right. */
  readonly verdict: 'fine' | 'reading' | 'faulty' | 'unexplained';
  /** Something can be mended before anything else is read. */
  readonly sure: boolean;
  /** The device was looked at and does not run. */
  readonly dark: boolean;
  /** One sentence without a full stop; the likeliest cause where something is wrong. */
  readonly headline: string;
  /** What to do about it. */
  readonly remedy: string;
  /** Where the likeliest cause sits; `null` where it has no one place. */
  readonly place: CausePlace | null;
  /** Likeliest first; empty where nothing is wrong. */
  readonly causes: readonly ListedCause[];
  /** What to measure next, the most telling first; a reading that went wrong is read again. */
  readonly next: readonly AskedMeasurement[];
}

/** What was read and what that means: `0.00 V: the lead between cells 2 and 3 has no contact`. */
export function readAndJudged(
  { headline, sure }: Pick<BenchJudgement, 'headline' | 'sure'>,
  last: { readonly measurement: Measurement; readonly value: number } | null,
): string {
  if (last === null || quantityOf(last.measurement) === 'light') return headline;
  // As a meter shows it: volts never change into millivolts.
  const text =
    quantityOf(last.measurement) === 'volts'
      ? `${formatFixed(last.value)} V`
      : readingText(last.measurement, last.value);
  return sure
    ? `${text}: ${headline.charAt(0).toLowerCase()}${headline.slice(1)}`
    : `${text} is off. ${headline}`;
}
