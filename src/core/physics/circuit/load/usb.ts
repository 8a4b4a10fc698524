import type { TheveninSource } from '../battery/sourceCurve';

/** A USB device wants 5 V and 100 mA at least (USB 2.0 specification, section 7.2.1, from memory). */
export const USB_LEAST = { volts: 4.75, amps: 0.1 } as const;

export interface UsbShortfall {
  readonly possible: boolean;
  /** Amperes the battery gives while it holds 4.75 V; 0 where it does not reach that. */
  readonly ampsAtVolts: number;
  /** How many such batteries side by side would do; `null` where the volts are short. */
  readonly batteriesNeeded: number | null;
}

/** By how much a battery misses a USB device. Planning only: never wire home-made piles to one. */
export function usbShortfall({ emfVolts, resistanceOhms }: TheveninSource): UsbShortfall {
  const amps = (emfVolts - USB_LEAST.volts) / resistanceOhms;
  if (!(amps > 0)) return { possible: false, ampsAtVolts: 0, batteriesNeeded: null };
  return {
    possible: amps >= USB_LEAST.amps,
    ampsAtVolts: amps,
    batteriesNeeded: Math.ceil(USB_LEAST.amps / amps),
  };
}
