import {
  CURRENT_RANGE_FACTS,
  fullScale,
  METER_ACCURACY,
  USUAL_SHUNTS,
  VOLTMETER_OHMS,
  type MeterRange,
  type ShuntOhms,
} from './meter';

/** The educator's hand meter. */
export interface ClassMeter {
  /** Resistance of its volts ranges, ohms. */
  readonly voltsOhms: number;
  readonly shuntOhms: ShuntOhms;
}

/** A classroom meter as they are sold. */
export const USUAL_CLASS_METER: ClassMeter = {
  voltsOhms: VOLTMETER_OHMS,
  shuntOhms: USUAL_SHUNTS,
};

/** Last digit of a range: 2000 counts. */
const COUNTS = 2000;

/**
 * Standard uncertainty of a reading on a range, volts or amperes: the display's accuracy as a rectangular distribution, width/√3
 * (JCGM 100:2008, 4.3.7).
 */
export function readingUncertainty(value: number, range: MeterRange): number {
  const digit = fullScale(range) / COUNTS;
  const most = METER_ACCURACY.share * Math.abs(value) + METER_ACCURACY.digits * digit;
  return most / Math.sqrt(3);
}

/** Whether a range is one without a fuse. */
export function isUnfused(range: keyof ShuntOhms): boolean {
  return CURRENT_RANGE_FACTS[range].fuseAmps === null;
}
