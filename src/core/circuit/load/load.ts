import { ledSlopeOhms, ledVolts, type LedModel } from './led';

/** What the battery feeds, as the voltage that it takes at a current. Every load here rises with the current. */
export type Load =
  | { readonly kind: 'led'; readonly led: LedModel }
  | { readonly kind: 'resistor'; readonly ohms: number }
  /** Electronics that draw about the same current from a least voltage on (clock, buzzer, melody chip). */
  | { readonly kind: 'device'; readonly amps: number; readonly leastVolts: number };

/**
 * A device's current is flat above its least voltage. So that voltage and current still determine each other, the
 * curve goes on with this much voltage for each further multiple of the device's current.
 */
const DEVICE_STEEPNESS = 1e6;

/** Volts across the load at a current in amperes. */
export function loadVolts(load: Load, amps: number, thermalVolts: number): number {
  switch (load.kind) {
    case 'led':
      return ledVolts(load.led, amps, thermalVolts);
    case 'resistor':
      return load.ohms * amps;
    case 'device': {
      const share = Math.min(amps / load.amps, 1);
      const excess = Math.max(amps / load.amps - 1, 0);
      return load.leastVolts * (share + DEVICE_STEEPNESS * excess);
    }
  }
}

/** Differential resistance of the load in ohms at a current in amperes. */
export function loadSlopeOhms(load: Load, amps: number, thermalVolts: number): number {
  switch (load.kind) {
    case 'led':
      return ledSlopeOhms(load.led, amps, thermalVolts);
    case 'resistor':
      return load.ohms;
    case 'device':
      return (load.leastVolts / load.amps) * (amps > load.amps ? DEVICE_STEEPNESS : 1);
  }
}
