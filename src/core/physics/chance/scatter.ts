import { CELL_SPREAD, type Spread } from '../readings/cellBelief';
import { type Load, loadVolts } from '../circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '../../constants';

/** How much home-made cells and joints differ from an average one of their class. */
export interface Scatter {
  /** Standard deviation of the open-circuit voltage, as a share of it. */
  readonly emfShare: number;
  /** Standard deviation of the logarithm of the internal resistance. */
  readonly resistanceLog: number;
  /** Chance that a joint between two clips is bad. */
  readonly badJointChance: number;
  /** A bad joint adds a resistance spread evenly over the decades between these two, ohms. */
  readonly badJointLeastOhms: number;
  readonly badJointMostOhms: number;
  /** How much makes of LEDs differ, against how much they usually do. */
  readonly ledMakes: number;
}

/**
 * Cells of one class: E ± 4 %, r ± 30 %, one joint in thirty is bad (common practice, no source). What a bad joint adds is
 * from memory: a corroded clip reads a few hundred ohms to a few kilohms.
 */
export const CLASS_SCATTER: Scatter = {
  emfShare: CELL_SPREAD.voltsShare,
  resistanceLog: CELL_SPREAD.ampsLog,
  badJointChance: 1 / 30,
  badJointLeastOhms: 100,
  badJointMostOhms: 10_000,
  ledMakes: 1,
};

/** A class whose level is known: nothing is drawn for it. */
export const KNOWN_LEVEL: Spread = { ampsLog: 0, voltsShare: 0 };

/** Packs of one colour differ by so many volts at a current, LEDs of one pack by so many (from memory). */
const PACK_VOLTS = { red: 0.06, blue: 0.1 } as const;
const LED_OF_PACK_VOLTS = 0.02;
/** LEDs that take more than this at a milliamp are of the second kind: true green, blue, white, violet. */
const SECOND_KIND_FROM_VOLTS = 2.2;
const ONE_MILLIAMP = 1e-3;

/** One standard deviation of the volts that a load takes at a current: makes of LEDs differ. */
export function loadDeviation(load: Load): number {
  if (load.kind !== 'led') return 0;
  const volts = loadVolts({ kind: 'led', led: load.led }, ONE_MILLIAMP, ROOM_THERMAL_VOLTS);
  if (load.led.packIsRead) return LED_OF_PACK_VOLTS;
  return Math.hypot(
    volts > SECOND_KIND_FROM_VOLTS ? PACK_VOLTS.blue : PACK_VOLTS.red,
    LED_OF_PACK_VOLTS,
  );
}

/** What remains of a class’s volts once its resistances are drawn: single cells, the level of all of them, the make of the LED. */
export function voltsDeviation({
  level = KNOWN_LEVEL,
  scatter = CLASS_SCATTER,
  load,
}: {
  readonly level?: Spread;
  readonly scatter?: Scatter;
  readonly load: Load;
}): (at: { readonly variance: number; readonly perLevel: number }) => number {
  const ofLoad = (scatter.ledMakes * loadDeviation(load)) ** 2;
  return ({ variance, perLevel }) =>
    Math.sqrt(variance + (perLevel * level.voltsShare) ** 2 + ofLoad);
}
