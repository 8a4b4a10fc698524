import { bulbDifferentialOhms, bulbVolts, type BulbModel } from './bulb';
import { deviceDifferentialOhms, deviceVolts } from './device';
import { risingRoot } from '../../../numeric/risingRoot';
import { ledAmpsOnThevenin, ledDifferentialOhms, ledVolts, type LedModel } from './led';

/** What the battery feeds, as the voltage that it takes at a current. Every load here rises with the current. */
export type Load =
  | {
      readonly kind: 'led';
      readonly led: LedModel;
      /** Resistor in series, which keeps the current in bounds, ohms. */
      readonly resistorOhms?: number;
    }
  /** Several LEDs: rows side by side, each of LEDs in series. */
  | { readonly kind: 'led-group'; readonly rows: readonly (readonly LedModel[])[] }
  | { readonly kind: 'bulb'; readonly bulb: BulbModel }
  | { readonly kind: 'resistor'; readonly ohms: number }
  /** Electronics that draw about the same current from a least voltage on (clock, buzzer, melody chip). */
  | {
      readonly kind: 'device';
      readonly amps: number;
      readonly leastVolts: number;
      readonly resistorOhms?: number;
    };

/** LEDs shine, and mind being turned round. */
export function isLedLoad({ kind }: Load): boolean {
  return kind === 'led' || kind === 'led-group';
}

/** Current of the LED that gets least of what flows, amperes; of one LED all of it. */
export function leastLedAmps(
  load: Load,
  amps: number,
  volts: number,
  thermalVolts: number,
): number {
  if (load.kind !== 'led-group' || amps <= 0) return amps;
  return Math.min(...load.rows.map((row) => rowAmps(row, volts, thermalVolts)));
}

/** The resistor in series with an LED or a device, ohms; 0 without one. */
export function seriesOhms(load: Load): number {
  return load.kind === 'led' || load.kind === 'device' ? (load.resistorOhms ?? 0) : 0;
}

/** Volts across the load, with its resistor, at a current in amperes. */
export function loadVolts(load: Load, amps: number, thermalVolts: number): number {
  switch (load.kind) {
    case 'led':
      return ledVolts(load.led, amps, thermalVolts) + seriesOhms(load) * amps;
    case 'led-group':
      return groupVolts(load.rows, amps, thermalVolts);
    case 'bulb':
      return bulbVolts(load.bulb, amps);
    case 'resistor':
      return load.ohms * amps;
    case 'device':
      return deviceVolts(load, amps) + seriesOhms(load) * amps;
  }
}

/** Differential resistance of the load in ohms at a current in amperes. */
export function loadDifferentialOhms(load: Load, amps: number, thermalVolts: number): number {
  switch (load.kind) {
    case 'led':
      return ledDifferentialOhms(load.led, amps, thermalVolts) + seriesOhms(load);
    case 'led-group': {
      const volts = groupVolts(load.rows, amps, thermalVolts);
      // Side by side conductances add up.
      const siemens = load.rows.reduce((sum, row) => {
        const ofRow = rowAmps(row, volts, thermalVolts);
        return sum + 1 / rowOhms(row, ofRow, thermalVolts);
      }, 0);
      return 1 / siemens;
    }
    case 'bulb':
      return bulbDifferentialOhms(load.bulb, amps);
    case 'resistor':
      return load.ohms;
    case 'device':
      return deviceDifferentialOhms(load, amps) + seriesOhms(load);
  }
}

/** Equal LEDs: so many in series, such rows side by side. */
export function ledGroup(led: LedModel, inSeries: number, inParallel: number): Load {
  const row = new Array<LedModel>(inSeries).fill(led);
  return { kind: 'led-group', rows: new Array<LedModel[]>(inParallel).fill(row) };
}

type Row = readonly LedModel[];

function rowVolts(row: Row, amps: number, thermalVolts: number): number {
  return row.reduce((sum, led) => sum + ledVolts(led, amps, thermalVolts), 0);
}

function rowOhms(row: Row, amps: number, thermalVolts: number): number {
  return row.reduce((sum, led) => sum + ledDifferentialOhms(led, amps, thermalVolts), 0);
}

/** Current of one row at so many volts, amperes. */
export function rowAmps(row: Row, volts: number, thermalVolts: number): number {
  const [only] = row;
  if (only === undefined) return 0;
  if (row.length === 1) return ledAmpsOnThevenin(volts, 0, only, thermalVolts);
  return risingRoot({
    valueAt: (amps) => rowVolts(row, amps, thermalVolts) - volts,
    slopeAt: (amps) => rowOhms(row, amps, thermalVolts),
    low: 0,
    high: Infinity,
    start: ledAmpsOnThevenin(volts / row.length, 0, only, thermalVolts),
    tolerance: GROUP_TOLERANCE_VOLTS,
  }).x;
}

const GROUP_TOLERANCE_VOLTS = 1e-12;

/** Volts across rows side by side that together carry a current. */
function groupVolts(rows: readonly Row[], amps: number, thermalVolts: number): number {
  const [first] = rows;
  if (first === undefined) return 0;
  const isAlike = rows.every((row) => row === first);
  if (isAlike || amps <= 0) return rowVolts(first, amps / rows.length, thermalVolts);
  // The row that takes least volts for all of the current bounds them from above.
  const high = Math.min(...rows.map((row) => rowVolts(row, amps, thermalVolts)));
  return risingRoot({
    valueAt: (volts) =>
      rows.reduce((sum, row) => sum + rowAmps(row, volts, thermalVolts), 0) / amps - 1,
    slopeAt: (volts) =>
      rows.reduce(
        (sum, row) => sum + 1 / rowOhms(row, rowAmps(row, volts, thermalVolts), thermalVolts),
        0,
      ) / amps,
    low: 0,
    high,
    start: high,
    tolerance: 1e-12,
  }).x;
}
