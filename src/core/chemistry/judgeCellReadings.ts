import { CURRENT_RANGE_FACTS, type CurrentRange } from '../circuit/meter';
import { formatAmps, formatVolts } from '../units';
import type { Recipe } from './recipe';

/** Something about a reading that an experienced colleague would question. */
export interface ReadingDoubt {
  readonly code:
    'above-ceiling' | 'low-volts' | 'over-range' | 'unit-slip' | 'high-current' | 'low-current';
  readonly field: 'openVolts' | 'shortAmps';
  /** What is odd. */
  readonly finding: string;
  /** The likely cause and what to do. */
  readonly remedy: string;
}

/** Readings scatter; doubt begins this many times outside the typical range (common practice, no source). */
const CURRENT_DOUBT_FACTOR = 8;
const UNIT_SLIP_FACTOR = 200;
const LOW_VOLTS_SHARE = 0.7;

/**
 * Is this reading of one cell believable? Empty when nothing is odd. A doubt never blocks: the educator may keep it.
 */
export function judgeCellReadings(
  recipe: Recipe,
  readings: { openVolts: number; shortAmps: number; range: CurrentRange },
): ReadingDoubt[] {
  return [
    ...judgeVolts(recipe, readings.openVolts),
    ...judgeAmps(recipe, readings.shortAmps, readings.range),
  ];
}

function judgeVolts(recipe: Recipe, openVolts: number): ReadingDoubt[] {
  const { ceilingVolts, typical } = recipe;
  if (openVolts > ceilingVolts) {
    return [
      {
        code: 'above-ceiling',
        field: 'openVolts',
        finding: `${formatVolts(openVolts)} is more than one ${recipe.plus.material}–${recipe.minus.material} cell can give (at most about ${formatVolts(ceilingVolts)}).`,
        remedy:
          'Likely a wrong range, more than one cell between the probes, or a meter with a weak battery. Measure one cell again on the 2 V or 20 V range.',
      },
    ];
  }
  if (openVolts < LOW_VOLTS_SHARE * typical.openVoltsLow) {
    return [
      {
        code: 'low-volts',
        field: 'openVolts',
        finding: `${formatVolts(openVolts)} is low for this cell (typically ${formatVolts(typical.openVoltsLow)} to ${formatVolts(typical.openVoltsHigh)}).`,
        remedy:
          'Likely a dirty or painted contact, metals that touch, or the same metal on both sides. Scrape the contact bright and read again.',
      },
    ];
  }
  return [];
}

function judgeAmps(recipe: Recipe, shortAmps: number, range: CurrentRange): ReadingDoubt[] {
  const { typical } = recipe;
  const doubt = (code: ReadingDoubt['code'], finding: string, remedy: string): ReadingDoubt[] => [
    { code, field: 'shortAmps', finding, remedy },
  ];
  const typicalText = `typically ${formatAmps(typical.shortAmpsLow)} to ${formatAmps(typical.shortAmpsHigh)}`;
  if (shortAmps > CURRENT_RANGE_FACTS[range].fullScaleAmps) {
    return doubt(
      'over-range',
      `${formatAmps(shortAmps)} does not fit the ${range} range: the meter would show its over-range sign.`,
      'Check which range the meter was on, and the unit of the reading.',
    );
  }
  if (shortAmps > UNIT_SLIP_FACTOR * typical.shortAmpsHigh) {
    return doubt(
      'unit-slip',
      `${formatAmps(shortAmps)} is hundreds of times what this cell gives (${typicalText}).`,
      `Probably milliamps typed as amps: was it ${formatAmps(shortAmps / 1000)}?`,
    );
  }
  if (shortAmps > CURRENT_DOUBT_FACTOR * typical.shortAmpsHigh) {
    return doubt(
      'high-current',
      `${formatAmps(shortAmps)} is far above what this cell gives (${typicalText}).`,
      'Very large metals can do that. Otherwise check the range and the unit.',
    );
  }
  if (shortAmps < typical.shortAmpsLow / CURRENT_DOUBT_FACTOR) {
    return doubt(
      'low-current',
      `${formatAmps(shortAmps)} is far below what this cell gives (${typicalText}).`,
      'Likely a dry separator, a poor contact or very little metal in the wet. Wet it, press the contacts and read again.',
    );
  }
  return [];
}
