import { ROOT_DEFAULTS } from '../../../numeric/risingRoot';
import { ROOM_THERMAL_VOLTS, thermalVoltage } from '../../../constants';

/**
 * A light-emitting diode as a Shockley diode with series resistance:
 * `V = n·V_T·ln(1 + I/I_S) + I·R_s` (W. Shockley, Bell System Technical Journal 28 (1949) 435).
 */
export interface LedModel {
  /** Saturation current I_S, amperes. */
  readonly saturationAmps: number;
  /** Ideality factor n. */
  readonly idealityFactor: number;
  /** Series resistance R_s, ohms. */
  readonly seriesOhms: number;
  /** An LED of this pack was read: only LEDs of one pack differ from it. */
  readonly packIsRead?: true;
}

/** The same curve moved so that it takes so many volts at a current: its saturation current follows. */
export function ledThrough(
  led: LedModel,
  { volts, amps }: DatasheetPoint,
  thermalVolts: number,
): LedModel {
  const more = volts - ledVolts(led, amps, thermalVolts);
  const fewer = Math.exp(-more / (led.idealityFactor * thermalVolts));
  return { ...led, saturationAmps: led.saturationAmps * fewer, packIsRead: true };
}

/** A forward voltage at a current, as datasheets print them. */
export interface DatasheetPoint {
  readonly amps: number;
  readonly volts: number;
}

/** Temperature of the datasheet points: 25 °C is what datasheets use (common practice, no source). */
export const DATASHEET_CELSIUS = 25;
/** At the same current an LED's volts fall so much a kelvin (datasheet rule, from memory). */
const VOLTS_PER_KELVIN = -2e-3;
/** Current at which that is said. */
const WARMTH_AMPS = 1e-3;

/** Greatest continuous current, and the one that destroys: 3 mm and 5 mm datasheets (from memory), amperes. */
export const LED_LIMIT_AMPS = { continuous: 20e-3, absolute: 30e-3 } as const;
/** Two points cannot fix three constants: n = 2 is typical of visible LEDs (from memory). */
const TYPICAL_IDEALITY = 2;
/** At least this share of the rise between the points is left to the series resistance, so that it stays positive. */
const MIN_RESISTIVE_SHARE = 0.1;

/**
 * Forward volts at a current in amperes; a straight, practically insulating line for reverse currents.
 * @param thermalVolts V_T of the junction, volts.
 */
export function ledVolts(led: LedModel, amps: number, thermalVolts: number): number {
  const slope = led.idealityFactor * thermalVolts;
  if (amps < 0) return amps * (slope / led.saturationAmps + led.seriesOhms);
  return slope * Math.log1p(amps / led.saturationAmps) + amps * led.seriesOhms;
}

/** Differential resistance in ohms at a current in amperes. */
export function ledDifferentialOhms(led: LedModel, amps: number, thermalVolts: number): number {
  const slope = led.idealityFactor * thermalVolts;
  return slope / (led.saturationAmps + Math.max(amps, 0)) + led.seriesOhms;
}

/**
 * Diode constants from two datasheet points (low current first or last, any order). The ideality factor is taken
 * as typical, or smaller where the points lie so close together that no series resistance would be left.
 * Returns `null` when the points do not rise with the current.
 */
export function ledFromDatasheet(one: DatasheetPoint, other: DatasheetPoint): LedModel | null {
  const [low, high] = one.amps < other.amps ? [one, other] : [other, one];
  const riseVolts = high.volts - low.volts;
  if (!(low.amps > 0) || !(high.amps > low.amps) || !(riseVolts > 0)) return null;
  const thermalVolts = thermalVoltage(DATASHEET_CELSIUS);
  const eFolds = Math.log(high.amps / low.amps);
  const idealityFactor = Math.min(
    TYPICAL_IDEALITY,
    ((1 - MIN_RESISTIVE_SHARE) * riseVolts) / (thermalVolts * eFolds),
  );
  const seriesOhms = (riseVolts - idealityFactor * thermalVolts * eFolds) / (high.amps - low.amps);
  const junctionVolts = low.volts - low.amps * seriesOhms;
  const saturationAmps = low.amps / Math.expm1(junctionVolts / (idealityFactor * thermalVolts));
  return { saturationAmps, idealityFactor, seriesOhms };
}

/**
 * The same LED at another temperature, to be used with the thermal voltage of the room: the saturation current is what
 * makes the volts at one milliampere fall by 2 mV a kelvin.
 */
export function ledInWarmth(led: LedModel, celsius: number): LedModel {
  const datasheet = ledVolts(led, WARMTH_AMPS, thermalVoltage(DATASHEET_CELSIUS));
  const volts = datasheet + VOLTS_PER_KELVIN * (celsius - DATASHEET_CELSIUS);
  const junctionVolts = volts - WARMTH_AMPS * led.seriesOhms;
  return {
    ...led,
    saturationAmps:
      WARMTH_AMPS / Math.expm1(junctionVolts / (led.idealityFactor * ROOM_THERMAL_VOLTS)),
  };
}

/**
 * Current in amperes of a straight-line source into an LED, the hot path of planning and chance. With
 * `x = ln(1 + I/I_S)` the equation `n·V_T·x + (r + R_s)·I_S·(eˣ − 1) = E` is convex and rising; Newton from above
 * converges without a bracket. (It is Lambert's W in disguise: T. C. Banwell, Electronics Letters 36 (2000) 291.)
 */
export function ledAmpsOnThevenin(
  emfVolts: number,
  sourceOhms: number,
  led: LedModel,
  thermalVolts: number,
): number {
  if (!(emfVolts > 0)) return 0;
  const slopeVolts = led.idealityFactor * thermalVolts;
  const scaleVolts = (sourceOhms + led.seriesOhms) * led.saturationAmps;
  let x = emfVolts / slopeVolts;
  if (scaleVolts > 0) x = Math.min(x, Math.log1p(emfVolts / scaleVolts));
  for (let iteration = 0; iteration < ROOT_DEFAULTS.maxIterations; iteration += 1) {
    const growth = Math.exp(x);
    const step =
      (slopeVolts * x + scaleVolts * (growth - 1) - emfVolts) / (slopeVolts + scaleVolts * growth);
    x -= step;
    if (Math.abs(step) <= 1e-13 * Math.abs(x)) break;
  }
  return led.saturationAmps * Math.expm1(x);
}
