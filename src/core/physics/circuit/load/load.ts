import { bulbDifferentialOhms, bulbVolts, type BulbModel } from './bulb';
import { deviceDifferentialOhms, deviceVolts } from './device';
import { ledDifferentialOhms, ledVolts, type LedModel } from './led';

/** What the battery feeds, as the voltage that it takes at a current. Every load here rises with the current. */
export type Load =
  | {
      readonly kind: 'led';
      readonly led: LedModel;
      /** Resistor in series, which keeps the current in bounds, ohms. */
      readonly resistorOhms?: number;
    }
  /** Equal LEDs: so many in series, such rows side by side. */
  | {
      readonly kind: 'led-group';
      readonly led: LedModel;
      readonly inSeries: number;
      readonly inParallel: number;
    }
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
      return load.inSeries * ledVolts(load.led, amps / load.inParallel, thermalVolts);
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
    case 'led-group':
      return (
        (load.inSeries / load.inParallel) *
        ledDifferentialOhms(load.led, amps / load.inParallel, thermalVolts)
      );
    case 'bulb':
      return bulbDifferentialOhms(load.bulb, amps);
    case 'resistor':
      return load.ohms;
    case 'device':
      return deviceDifferentialOhms(load, amps) + seriesOhms(load);
  }
}
