export const DEVICE_KINDS = [
  'piezo-buzzer',
  'lcd-clock',
  'calculator',
  'melody-chip',
  'pocket-radio',
] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** Everything that is known of a small device. */
export interface DevicePreset {
  readonly name: string;
  readonly leastVolts: number;
  /** More than this harms it. */
  readonly mostVolts: number;
  readonly amps: number;
  /** How it is drawn. */
  readonly drawing: 'sounder' | 'display';
  /** A round figure for one (from memory). */
  readonly guidePrice: number;
}

/**
 * Typical small devices: least volts and current while running (common practice, no source; editable in a plan); greatest
 * volts from memory.
 */
export const DEVICE_PRESETS: Readonly<Record<DeviceKind, DevicePreset>> = {
  'piezo-buzzer': {
    name: 'piezo buzzer',
    leastVolts: 3,
    mostVolts: 20,
    amps: 2e-3,
    drawing: 'sounder',
    guidePrice: 4,
  },
  'lcd-clock': {
    name: 'LCD clock',
    leastVolts: 1.2,
    mostVolts: 2.5,
    amps: 0.05e-3,
    drawing: 'display',
    guidePrice: 5,
  },
  calculator: {
    name: 'calculator',
    leastVolts: 1.5,
    mostVolts: 2.5,
    amps: 0.01e-3,
    drawing: 'display',
    guidePrice: 5,
  },
  'melody-chip': {
    name: 'melody chip',
    leastVolts: 1.5,
    mostVolts: 3.6,
    amps: 0.5e-3,
    drawing: 'display',
    guidePrice: 3,
  },
  'pocket-radio': {
    name: 'pocket radio',
    leastVolts: 3,
    mostVolts: 4.5,
    amps: 20e-3,
    drawing: 'display',
    guidePrice: 12,
  },
};
