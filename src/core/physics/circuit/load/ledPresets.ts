import { ROOM_CELSIUS } from '../../../constants';
import { ledFromDatasheet, ledInWarmth, type LedModel } from './led';

export const LED_COLOURS = [
  'infrared',
  'red',
  'amber',
  'yellow-green',
  'true-green',
  'blue',
  'white',
  'violet',
] as const;
export type LedColour = (typeof LED_COLOURS)[number];

export interface LedPreset {
  readonly name: string;
  /** Forward volts at 1 mA and at 20 mA. Typical datasheets, from memory. */
  readonly voltsAt1mA: number;
  readonly voltsAt20mA: number;
  /** Peak wavelength in nanometres; `null` for white, which is a blue chip under a phosphor. From memory. */
  readonly wavelengthNm: number | null;
  /** Whether the light can be seen. */
  readonly visible: boolean;
}

export const LED_PRESETS: Readonly<Record<LedColour, LedPreset>> = {
  infrared: preset('infrared LED', 1.1, 1.25, 940, false),
  red: preset('red LED', 1.7, 2.0, 630),
  amber: preset('amber LED', 1.78, 2.1, 590),
  'yellow-green': preset('yellow-green LED', 1.85, 2.1, 570),
  'true-green': preset('true green LED', 2.5, 3.2, 525),
  blue: preset('blue LED', 2.65, 3.2, 465),
  white: preset('white LED', 2.65, 3.2, null),
  violet: preset('violet LED', 3.0, 3.4, 400),
};

const MODELS = new Map<string, LedModel>();

/** Diode constants of a colour, fitted to the preset's two points, in a room of so many degrees. */
export function ledModelOf(colour: LedColour, celsius: number = ROOM_CELSIUS): LedModel {
  const key = `${colour} ${celsius}`;
  const known = MODELS.get(key);
  if (known !== undefined) return known;
  const { voltsAt1mA, voltsAt20mA } = LED_PRESETS[colour];
  const model = ledFromDatasheet(
    { amps: 0.001, volts: voltsAt1mA },
    { amps: 0.02, volts: voltsAt20mA },
  );
  if (model === null) throw new Error(`the preset of the ${colour} LED does not rise`);
  const here = ledInWarmth(model, celsius);
  MODELS.set(key, here);
  return here;
}

function preset(
  name: string,
  voltsAt1mA: number,
  voltsAt20mA: number,
  wavelengthNm: number | null,
  visible = true,
): LedPreset {
  return { name, voltsAt1mA, voltsAt20mA, wavelengthNm, visible };
}
