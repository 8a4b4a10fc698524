export const DEVICE_KINDS = [
  'piezo-buzzer',
  'lcd-clock',
  'kitchen-timer',
  'calculator',
  'melody-chip',
  'pocket-radio',
  'cycling-led',
  'boosted-led',
  'own-device',
] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** What one sees or hears of it: it lights, it sounds, it shows something, or it simply runs. */
export type DeviceManner = 'lights' | 'sounds' | 'shows' | 'runs';

/** How it is drawn. */
export const DEVICE_DRAWINGS = [
  'sounder',
  'clock',
  'timer',
  'calculator',
  'melody',
  'radio',
  'led',
  'box',
] as const;
export type DeviceDrawing = (typeof DEVICE_DRAWINGS)[number];

/** Everything that is known of a small device. */
export interface DevicePreset {
  readonly name: string;
  readonly leastVolts: number;
  /** More than this harms it. */
  readonly mostVolts: number;
  readonly amps: number;
  readonly manner: DeviceManner;
  /** Its long leg, and not a red wire, belongs to +. */
  readonly hasLegs: boolean;
  readonly drawing: DeviceDrawing;
  /** A round figure for one (from memory). */
  readonly guidePrice: number;
}

/** A white LED that is dim takes 2.65 V × 0.5 mA; out of a booster of 60 %, at the 0.6 V from which it starts. */
const BOOSTED_AMPS = (2.65 * 0.5e-3) / 0.6 / 0.6;

/**
 * Typical small devices: least volts and current while running (common practice, no source; editable in a plan); greatest
 * volts from memory. A booster takes a constant power: judged where it starts, it takes less current at more volts.
 */
export const DEVICE_PRESETS: Readonly<Record<DeviceKind, DevicePreset>> = {
  'piezo-buzzer': {
    name: 'piezo buzzer',
    leastVolts: 3,
    mostVolts: 20,
    amps: 2e-3,
    manner: 'sounds',
    hasLegs: true,
    drawing: 'sounder',
    guidePrice: 4,
  },
  'lcd-clock': {
    name: 'LCD clock',
    leastVolts: 1.2,
    mostVolts: 2.5,
    amps: 0.05e-3,
    manner: 'shows',
    hasLegs: false,
    drawing: 'clock',
    guidePrice: 5,
  },
  'kitchen-timer': {
    name: 'kitchen timer',
    leastVolts: 1.2,
    mostVolts: 2.5,
    amps: 0.05e-3,
    manner: 'shows',
    hasLegs: false,
    drawing: 'timer',
    guidePrice: 5,
  },
  calculator: {
    name: 'calculator',
    leastVolts: 1.5,
    mostVolts: 2.5,
    amps: 0.01e-3,
    manner: 'shows',
    hasLegs: false,
    drawing: 'calculator',
    guidePrice: 5,
  },
  'melody-chip': {
    name: 'melody chip',
    leastVolts: 1.5,
    mostVolts: 3.6,
    amps: 0.5e-3,
    manner: 'sounds',
    hasLegs: false,
    drawing: 'melody',
    guidePrice: 3,
  },
  'pocket-radio': {
    name: 'pocket radio',
    leastVolts: 3,
    mostVolts: 4.5,
    amps: 20e-3,
    manner: 'sounds',
    hasLegs: false,
    drawing: 'radio',
    guidePrice: 12,
  },
  'cycling-led': {
    name: 'colour-cycling LED',
    leastVolts: 3,
    mostVolts: 4.5,
    amps: 4e-3,
    manner: 'lights',
    hasLegs: true,
    drawing: 'led',
    guidePrice: 4,
  },
  'boosted-led': {
    name: 'white LED on a booster',
    leastVolts: 0.6,
    mostVolts: 1.8,
    amps: BOOSTED_AMPS,
    manner: 'lights',
    hasLegs: false,
    drawing: 'led',
    guidePrice: 4,
  },
  'own-device': {
    name: 'own device',
    leastVolts: 1.5,
    mostVolts: 3,
    amps: 1e-3,
    manner: 'runs',
    hasLegs: false,
    drawing: 'box',
    guidePrice: 5,
  },
};
