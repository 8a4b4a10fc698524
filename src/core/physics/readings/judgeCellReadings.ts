import { CURRENT_RANGE_FACTS, suitableCurrentRange } from '../instruments/meter';
import { formatAmps, formatOhms, formatVolts } from '../../units';
import type { OwnReadings } from './ownReadings';
import type { Recipe, TypicalReadings } from '../recipes/recipe';

/** Something about a reading that an experienced colleague would question. */
export interface ReadingDoubt {
  readonly code:
    | 'above-ceiling'
    | 'low-volts'
    | 'over-range'
    | 'unit-slip'
    | 'high-current'
    | 'low-current'
    | 'rises-under-load'
    | 'different-times';
  readonly field: 'openVolts' | 'shortAmps' | 'loaded';
  /** What is odd. */
  readonly finding: string;
  /** The likely cause and what to do. */
  readonly remedy: string;
  /** The same readings without the likely slip, where it is plain what was meant. */
  readonly corrected: OwnReadings | null;
}

/** Readings scatter; doubt begins this many times outside the typical range (common practice, no source). */
const CURRENT_DOUBT_FACTOR = 8;
const UNIT_SLIP_FACTOR = 200;
const LOW_VOLTS_SHARE = 0.7;

/** Readings under load may exceed the open ones by the meter's own error, ±(0.5 % + 2 digits). */
const METER_SHARE = 1.01;
/** Cells sag while they are loaded: readings after such different times do not belong to one curve. */
const TIMES_DIFFER_FACTOR = 4;

/**
 * Are these readings of one pair believable, against what one typically reads? Empty when nothing is odd. A doubt never destroys a reading: the educator
 * may keep it.
 */
export function judgeCellReadings(
  recipe: Recipe,
  range: TypicalReadings,
  readings: OwnReadings,
): ReadingDoubt[] {
  const { openCircuitVolts, shortCircuit } = readings;
  return [
    ...(openCircuitVolts === null ? [] : judgeVolts(recipe, range, openCircuitVolts)),
    ...(shortCircuit === null ? [] : judgeAmps(range, readings, shortCircuit)),
    ...judgeLoaded(readings),
    ...judgeTimes(readings),
  ];
}

function judgeLoaded({ openCircuitVolts, loaded }: OwnReadings): ReadingDoubt[] {
  if (openCircuitVolts === null) return [];
  const odd = loaded.find(({ volts }) => volts > METER_SHARE * openCircuitVolts);
  return odd === undefined
    ? []
    : [
        {
          code: 'rises-under-load',
          field: 'loaded',
          finding: `${formatVolts(odd.volts)} at ${formatOhms(odd.ohms)} is more than with nothing connected (${formatVolts(openCircuitVolts)}).`,
          remedy:
            'A loaded cell always reads less. Likely the cell had not recovered when the open-circuit volts were read, or a unit slipped.',
          corrected: null,
        },
      ];
}

function judgeTimes({ shortCircuit, loaded }: OwnReadings): ReadingDoubt[] {
  const times = [shortCircuit, ...loaded].flatMap((one) =>
    one === null || one.secondsAfter === null ? [] : [Math.max(1, one.secondsAfter)],
  );
  const least = Math.min(...times);
  const most = Math.max(...times);
  return most / least <= TIMES_DIFFER_FACTOR || times.length < 2
    ? []
    : [
        {
          code: 'different-times',
          field: 'loaded',
          finding: `The readings were taken between ${least} and ${most} seconds after connecting.`,
          remedy:
            'A cell sags while it is loaded, so these do not belong to one curve. Take all of them after the same time.',
          corrected: null,
        },
      ];
}

function judgeVolts(
  { ceilingVolts, plus, minus }: Recipe,
  range: TypicalReadings,
  openVolts: number,
): ReadingDoubt[] {
  if (openVolts > ceilingVolts) {
    return [
      {
        code: 'above-ceiling',
        field: 'openVolts',
        finding: `${formatVolts(openVolts)} is more than one ${plus.material}–${minus.material} cell can give (at most about ${formatVolts(ceilingVolts)}).`,
        remedy:
          'Likely a wrong range, more than one cell between the probes, or a meter with a weak battery. Measure one cell again on the 2 V or 20 V range.',
        corrected: null,
      },
    ];
  }
  if (openVolts < LOW_VOLTS_SHARE * range.openVoltsLow) {
    return [
      {
        code: 'low-volts',
        field: 'openVolts',
        finding: `${formatVolts(openVolts)} is low for this cell (typically ${formatVolts(range.openVoltsLow)} to ${formatVolts(range.openVoltsHigh)}).`,
        remedy:
          'Likely a dirty or painted contact, metals that touch, or the same metal on both sides. Scrape the contact bright and read again.',
        corrected: null,
      },
    ];
  }
  return [];
}

function judgeAmps(
  range: TypicalReadings,
  readings: OwnReadings,
  { amps: shortAmps, meterRange }: NonNullable<OwnReadings['shortCircuit']>,
): ReadingDoubt[] {
  const doubt = (
    code: ReadingDoubt['code'],
    finding: string,
    remedy: string,
    corrected: OwnReadings | null = null,
  ): ReadingDoubt[] => [{ code, field: 'shortAmps', finding, remedy, corrected }];
  const typicalText = `typically ${formatAmps(range.shortAmpsLow)} to ${formatAmps(range.shortAmpsHigh)}`;
  if (shortAmps > UNIT_SLIP_FACTOR * range.shortAmpsHigh) {
    return doubt(
      'unit-slip',
      `${formatAmps(shortAmps)} is hundreds of times what this cell gives (${typicalText}).`,
      `Probably milliamps typed as amps: was it ${formatAmps(shortAmps / 1000)}?`,
      asMilliamps(readings, shortAmps / 1000),
    );
  }
  if (shortAmps > CURRENT_RANGE_FACTS[meterRange].fullScaleAmps) {
    return doubt(
      'over-range',
      `${formatAmps(shortAmps)} does not fit the ${meterRange} range: the meter would show its over-range sign.`,
      'Check which range the meter was on, and the unit of the reading.',
    );
  }
  if (shortAmps > CURRENT_DOUBT_FACTOR * range.shortAmpsHigh) {
    return doubt(
      'high-current',
      `${formatAmps(shortAmps)} is far above what this cell gives (${typicalText}).`,
      'Very large metals can do that. Otherwise check the range and the unit.',
    );
  }
  if (shortAmps < range.shortAmpsLow / CURRENT_DOUBT_FACTOR) {
    return doubt(
      'low-current',
      `${formatAmps(shortAmps)} is far below what this cell gives (${typicalText}).`,
      'Likely a dry separator, a poor contact or very little metal in the wet. Wet it, press the contacts and read again.',
    );
  }
  return [];
}

/** The readings with the milliamps that were meant, on a range that shows them. */
function asMilliamps(readings: OwnReadings, amps: number): OwnReadings {
  return {
    ...readings,
    kept: false,
    shortCircuit: {
      secondsAfter: null,
      ...readings.shortCircuit,
      amps,
      meterRange: suitableCurrentRange(amps),
    },
  };
}
