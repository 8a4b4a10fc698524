/** The classroom multimeter: 2000 counts, ±(0.5 % + 2 digits) (common practice, no source). */
export const CURRENT_RANGES = ['200 µA', '2 mA', '20 mA', '200 mA', '10 A'] as const;
export type CurrentRange = (typeof CURRENT_RANGES)[number];
export const VOLT_RANGES = ['200 mV', '2 V', '20 V', '200 V'] as const;
export type VoltRange = (typeof VOLT_RANGES)[number];

interface RangeFacts {
  readonly fullScaleAmps: number;
  readonly shuntOhms: number;
  /** Current at which the socket's fuse blows, amperes; `null` for the unfused socket. */
  readonly fuseAmps: number | null;
}

/** A shunt drops 200 mV at full scale; 10 A sockets are unfused and drop 100 mV (common practice, no source). */
export const CURRENT_RANGE_FACTS: Readonly<Record<CurrentRange, RangeFacts>> = {
  '200 µA': { fullScaleAmps: 200e-6, shuntOhms: 1000, fuseAmps: 0.2 },
  '2 mA': { fullScaleAmps: 2e-3, shuntOhms: 100, fuseAmps: 0.2 },
  '20 mA': { fullScaleAmps: 20e-3, shuntOhms: 10, fuseAmps: 0.2 },
  '200 mA': { fullScaleAmps: 0.2, shuntOhms: 1, fuseAmps: 0.2 },
  '10 A': { fullScaleAmps: 10, shuntOhms: 0.01, fuseAmps: null },
};

/** Resistance of a meter's current ranges, ohms. */
export type ShuntOhms = Readonly<Record<CurrentRange, number>>;

export const USUAL_SHUNTS: ShuntOhms = {
  '200 µA': CURRENT_RANGE_FACTS['200 µA'].shuntOhms,
  '2 mA': CURRENT_RANGE_FACTS['2 mA'].shuntOhms,
  '20 mA': CURRENT_RANGE_FACTS['20 mA'].shuntOhms,
  '200 mA': CURRENT_RANGE_FACTS['200 mA'].shuntOhms,
  '10 A': CURRENT_RANGE_FACTS['10 A'].shuntOhms,
};

/** Volts at which each volts range ends. */
export const VOLT_FULL_SCALE: Readonly<Record<VoltRange, number>> = {
  '200 mV': 0.2,
  '2 V': 2,
  '20 V': 20,
  '200 V': 200,
};

export type MeterRange = VoltRange | CurrentRange;

export function isVoltRange(range: MeterRange): range is VoltRange {
  return VOLT_RANGES.some((one) => one === range);
}

/** The range where it is one for currents, otherwise `null`. */
export function currentRangeOf(range: MeterRange | null | undefined): CurrentRange | null {
  return CURRENT_RANGES.find((one) => one === range) ?? null;
}

/** Volts or amperes at which a range ends. */
export function fullScale(range: MeterRange): number {
  return isVoltRange(range) ? VOLT_FULL_SCALE[range] : CURRENT_RANGE_FACTS[range].fullScaleAmps;
}

/** Volts ranges that are used on batteries: the finest one is for single millivolts. */
const BATTERY_VOLT_RANGES = ['2 V', '20 V', '200 V'] as const;
/** A volts range is chosen with this much room above the expected volts: a voltmeter costs nothing. */
const VOLT_RANGE_ROOM = 1.25;

/** Smallest volts range that shows these volts with room to spare; the largest where none does. */
export function suitableVoltRange(volts: number): VoltRange {
  const found = BATTERY_VOLT_RANGES.find(
    (range) => VOLT_FULL_SCALE[range] >= VOLT_RANGE_ROOM * Math.abs(volts),
  );
  return found ?? '200 V';
}

/** A current range is chosen with this much room above the expected current: cells scatter by a factor of two. */
const RANGE_ROOM = 2;
/** Part of what a shunt takes away that nobody can correct for: its tolerance, clips, the fuse (from memory). */
const SHUNT_UNCERTAINTY = 0.05;
/** Volts that one cell has, against which a shunt's drop counts; more cells only make it count less. */
const ONE_CELL_VOLTS = 0.9;

/**
 * Share by which a current reading may be wrong on a range: the display's accuracy and the part of the shunt's effect that
 * cannot be corrected.
 */
export function currentErrorShare(
  amps: number,
  range: CurrentRange,
  shunts: ShuntOhms = USUAL_SHUNTS,
): number {
  const digit = CURRENT_RANGE_FACTS[range].fullScaleAmps / COUNTS;
  return (
    METER_ACCURACY.share +
    (METER_ACCURACY.digits * digit) / amps +
    (SHUNT_UNCERTAINTY * amps * shunts[range]) / ONE_CELL_VOLTS
  );
}

/** Of the ranges that show the current with room to spare the one with the least total error; the largest where none does. */
export function suitableCurrentRange(amps: number, shunts: ShuntOhms = USUAL_SHUNTS): CurrentRange {
  let best: CurrentRange = '10 A';
  let least = Infinity;
  for (const range of CURRENT_RANGES) {
    if (CURRENT_RANGE_FACTS[range].fullScaleAmps < RANGE_ROOM * amps) continue;
    const error = currentErrorShare(Math.max(amps, LEAST_AMPS), range, shunts);
    if (error < least) [best, least] = [range, error];
  }
  return best;
}

/** Smaller currents are read as well as this one. */
const LEAST_AMPS = 1e-6;

/** Input resistance of the volts ranges, ohms (common practice, no source). */
export const VOLTMETER_OHMS = 10e6;
const COUNTS = 2000;
/** The display’s accuracy: share of the reading, and last digits. */
export const METER_ACCURACY = { share: 0.005, digits: 2 } as const;

export type MeterDisplay =
  | { readonly status: 'reads'; readonly value: number; readonly uncertainty: number }
  /** The display shows a lone 1 or OL. */
  | { readonly status: 'over-range' }
  | { readonly status: 'fuse-blown' };

/** What the display shows of a true value in volts, rounded to the range's last digit. */
export function showVolts(volts: number, range: VoltRange): MeterDisplay {
  return show(volts, VOLT_FULL_SCALE[range]);
}

/** What the display shows of a true current in amperes. */
export function showAmps(amps: number, range: CurrentRange): MeterDisplay {
  const { fullScaleAmps, fuseAmps } = CURRENT_RANGE_FACTS[range];
  if (fuseAmps !== null && Math.abs(amps) > fuseAmps) return { status: 'fuse-blown' };
  return show(amps, fullScaleAmps);
}

function show(value: number, fullScale: number): MeterDisplay {
  const digit = fullScale / COUNTS;
  const counts = Math.round(value / digit);
  if (Math.abs(counts) >= COUNTS) return { status: 'over-range' };
  const shown = counts * digit;
  return {
    status: 'reads',
    value: shown,
    uncertainty: METER_ACCURACY.share * Math.abs(shown) + METER_ACCURACY.digits * digit,
  };
}
