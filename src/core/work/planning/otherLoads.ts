import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { TORCH_BULB } from '../../physics/circuit/load/bulb';
import type { Load } from '../../physics/circuit/load/load';
import { LED_COLOURS, LED_PRESETS, ledModelOf } from '../../physics/circuit/load/ledPresets';
import { TYPICAL_BOOSTER } from '../../physics/circuit/load/booster';
import { usbShortfall } from '../../physics/circuit/load/usb';
import type { Desk } from '../../physics/desk/desk';
import { deskCurve, solveDesk } from '../../physics/desk/solveDesk';
import { formatAmps, formatMinutes, formatNumber, formatVolts } from '../../units';
import type { TheveninSource } from '../../physics/circuit/battery/reduceBattery';

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

/** A filament begins to glow from about this share of its rated volts (common practice, no source). */
const GLOW_SHARE = 0.4;
const KILO_OHM: Load = { kind: 'resistor', ohms: 1000 };

/** A toy motor (common practice, no source). */
const MOTOR = { stallAmps: 0.8, ratedVolts: 1.5, freeAmps: 0.06, startVolts: 0.3 };
/** A booster that feeds a red LED dimly: 1.7 V at 1 mA come out. */
const BOOSTED_WATTS = 1.7e-3;
const CURVE_POINTS = 60;
/** An ordinary electrolytic capacitor. */
const FARADS = 4.7e-3;
/** Within 1 % of the open volts after five time constants: 1 − e⁻⁵. */
const TIME_CONSTANTS = 5;

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
    pairOfLeds(desk, 'series'),
    pairOfLeds(desk, 'parallel'),
    smallMotor(desk),
    boosted(desk),
    capacitor(source),
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

/** Two red LEDs: in series they want twice the volts, side by side twice the current. */
function pairOfLeds(desk: Desk, how: 'series' | 'parallel'): OtherLoad {
  const [inSeries, inParallel] = how === 'series' ? [2, 1] : [1, 2];
  const load: Load = { kind: 'led-group', led: ledModelOf('red'), inSeries, inParallel };
  const { amps, volts } = solveDesk(desk, load);
  const brightness = brightnessOf(amps / inParallel);
  return {
    id: `two-red-${how}`,
    name: how === 'series' ? 'two red LEDs in series' : 'two red LEDs side by side',
    load,
    amps,
    volts,
    brightness,
    works: brightness !== 'dark',
    verdict: `each ${brightness}`,
  };
}

/** Standing still a motor is a resistor; it turns where that leaves it its starting volts. */
function smallMotor(desk: Desk): OtherLoad {
  const { stallAmps, ratedVolts, freeAmps, startVolts } = MOTOR;
  const standing: Load = { kind: 'resistor', ohms: ratedVolts / stallAmps };
  const running: Load = { kind: 'device', amps: freeAmps, leastVolts: startVolts };
  const held = solveDesk(desk, standing);
  const works = held.volts >= startVolts;
  const { amps, volts } = works ? solveDesk(desk, running) : held;
  return {
    id: 'motor',
    name: 'small motor, 1.5 V',
    load: works ? running : standing,
    amps,
    volts,
    brightness: null,
    works,
    verdict: works
      ? 'turns'
      : `stands still: only ${formatVolts(volts)} of the ${formatVolts(startVolts)} that start it`,
  };
}

/** A booster takes the same power at any voltage: it works at the highest one at which the battery gives so much. */
function boosted(desk: Desk): OtherLoad {
  const { efficiency, startVolts, dropOutVolts } = TYPICAL_BOOSTER;
  const needed = BOOSTED_WATTS / efficiency;
  const curve = deskCurve(desk, CURVE_POINTS);
  const open = curve[0]?.volts ?? 0;
  const point = curve.find(({ volts, amps }) => volts >= dropOutVolts && volts * amps >= needed);
  const works = open >= startVolts && point !== undefined;
  return {
    id: 'booster',
    name: 'booster with a red LED',
    load: null,
    amps: works ? point.amps : 0,
    volts: works ? point.volts : open,
    brightness: null,
    works,
    verdict: works
      ? 'runs, the LED dim'
      : open < startVolts
        ? 'does not start: too few volts'
        : 'no stable point: too little power',
  };
}

/** A capacitor draws nothing once it is full; what it holds is ½CV². */
function capacitor({ emfVolts, resistanceOhms }: TheveninSource): OtherLoad {
  const minutes = (TIME_CONSTANTS * resistanceOhms * FARADS) / 60;
  const millijoules = 500 * FARADS * emfVolts ** 2;
  const works = emfVolts > 0 && Number.isFinite(minutes);
  return {
    id: 'capacitor',
    name: 'capacitor, 4700 µF',
    load: null,
    amps: 0,
    volts: Math.max(0, emfVolts),
    brightness: null,
    works,
    verdict: works
      ? `full after about ${formatMinutes(minutes)}: ${formatNumber(millijoules)} mJ`
      : 'does not charge',
  };
}
