import { brightnessOf, type BrightnessBand } from '../circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS } from '../circuit/devicePresets';
import type { Load } from '../circuit/load/load';
import { LED_COLOURS, LED_PRESETS, ledModelOf } from '../circuit/load/ledPresets';
import { usbShortfall } from '../circuit/load/usb';
import type { Desk } from '../desk/desk';
import { solveDesk } from '../desk/solveDesk';
import { formatAmps, formatNumber } from '../units';

/** What the same battery does with another load. */
export interface OtherLoad {
  readonly id: string;
  readonly name: string;
  /** `null` where it is told in words only. */
  readonly load: Load | null;
  readonly amps: number;
  readonly volts: number;
  readonly brightness: BrightnessBand | null;
  readonly works: boolean;
  readonly verdict: string;
}

/** Bulb of a pocket torch (printed values, common practice, no source). */
const TORCH_BULB = { ratedVolts: 2.5, ratedAmps: 0.2 };
/** A filament begins to glow from about this share of its rated volts (common practice, no source). */
const GLOW_SHARE = 0.4;
const KILO_OHM: Load = { kind: 'resistor', ohms: 1000 };

/** Every load that the core knows, on the battery as it is. */
export function otherLoads(desk: Desk): OtherLoad[] {
  const solved = (load: Load): { amps: number; volts: number } => solveDesk(desk, load);
  const leds = LED_COLOURS.map((colour): OtherLoad => {
    const load: Load = { kind: 'led', led: ledModelOf(colour) };
    const { amps, volts } = solved(load);
    const brightness = brightnessOf(amps);
    return {
      id: colour,
      name: LED_PRESETS[colour].name,
      load,
      amps,
      volts,
      brightness,
      works: brightness !== 'dark',
      verdict: LED_PRESETS[colour].visible ? brightness : `${brightness}, for a camera only`,
    };
  });
  const devices = DEVICE_KINDS.map((kind): OtherLoad => {
    const { name, leastVolts, amps: wanted } = DEVICE_PRESETS[kind];
    const load: Load = { kind: 'device', amps: wanted, leastVolts };
    const { amps, volts } = solved(load);
    const works = amps >= 0.999 * wanted;
    return {
      id: kind,
      name,
      load,
      amps,
      volts,
      brightness: null,
      works,
      verdict: works ? 'runs' : `does not start: ${formatAmps(wanted)} wanted`,
    };
  });
  const bulb: Load = { kind: 'bulb', bulb: TORCH_BULB };
  const glow = solved(bulb);
  const glows = glow.volts >= GLOW_SHARE * TORCH_BULB.ratedVolts;
  const { source } = solveDesk(desk, KILO_OHM);
  const usb = usbShortfall(source);
  return [
    ...leds,
    ...devices,
    {
      id: 'bulb',
      name: 'torch bulb, 2.5 V 0.2 A',
      load: bulb,
      ...glow,
      brightness: null,
      works: glows,
      verdict: glows ? 'glows' : 'dark: a bulb wants hundreds of times the current of an LED',
    },
    {
      id: 'kilo-ohm',
      name: '1 kΩ resistor',
      load: KILO_OHM,
      ...solved(KILO_OHM),
      brightness: null,
      works: true,
      verdict: 'always takes what is there',
    },
    {
      id: 'usb',
      name: 'phone or other USB device',
      load: null,
      amps: usb.ampsAtVolts,
      volts: source.emfVolts,
      brightness: null,
      works: false,
      verdict:
        usb.batteriesNeeded === null
          ? 'never: not even the volts are there; and never wire one to it'
          : `never: about ${formatNumber(usb.batteriesNeeded, 2)} such batteries side by side; and never wire one to it`,
    },
  ];
}
