import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS, type DeviceKind } from '../../physics/circuit/devicePresets';
import { filamentLook, TORCH_BULB } from '../../physics/circuit/load/bulb';
import { ledGroup, type Load } from '../../physics/circuit/load/load';
import { LED_COLOURS, LED_PRESETS, ledModelOf } from '../../physics/circuit/load/ledPresets';
import { boosterOnSource, TYPICAL_BOOSTER } from '../../physics/circuit/load/booster';
import {
  bankAt,
  FULL_SHARE,
  ORDINARY_CAPACITOR,
  ORDINARY_FARADS,
} from '../../physics/circuit/load/capacitorBank';
import { motorOn, TOY_MOTOR } from '../../physics/circuit/load/motor';
import { usbShortfall } from '../../physics/circuit/load/usb';
import type { Desk } from '../../physics/desk/desk';
import { deskSource } from '../../physics/desk/deskSource';
import { solveDesk } from '../../physics/desk/solveDesk';
import { formatAmps, formatMinutes, formatNumber, formatVolts } from '../../units';
import { chargeTime } from '../../physics/time/chargeTime';

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

/** A booster is told by its own curve; what somebody's own device takes is not known here. */
const TOLD_OTHERWISE: readonly DeviceKind[] = ['boosted-led', 'own-device'];

const KILO_OHM: Load = { kind: 'resistor', ohms: 1000 };

/** A booster that feeds a red LED dimly: 1.7 V at 1 mA come out. */
const BOOSTED_WATTS = 1.7e-3;

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
  const devices = DEVICE_KINDS.filter((kind) => !TOLD_OTHERWISE.includes(kind)).map(
    (kind): OtherLoad => {
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
    },
  );
  const bulb: Load = { kind: 'bulb', bulb: TORCH_BULB };
  const glow = solved(bulb);
  const look = filamentLook(TORCH_BULB, glow.volts * glow.amps);
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
      works: look !== 'dark',
      verdict:
        look !== 'dark' ? look : 'dark: a bulb wants hundreds of times the current of an LED',
    },
    pairOfLeds(desk, 'series'),
    pairOfLeds(desk, 'parallel'),
    smallMotor(desk),
    boosted(desk),
    capacitor(desk),
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
  const load = ledGroup(ledModelOf('red'), inSeries, inParallel);
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

function smallMotor(desk: Desk): OtherLoad {
  const { status, load, amps, volts } = motorOn(TOY_MOTOR, (one) => solveDesk(desk, one));
  const works = status === 'running';
  return {
    id: 'motor',
    name: 'small motor, 1.5 V',
    load,
    amps,
    volts,
    brightness: null,
    works,
    verdict: works
      ? 'turns'
      : `stands still: only ${formatVolts(volts)} of the ${formatVolts(TOY_MOTOR.startVolts)} that start it`,
  };
}

function boosted(desk: Desk): OtherLoad {
  const source = deskSource(desk);
  const outcome = boosterOnSource(source, { outputWatts: BOOSTED_WATTS, ...TYPICAL_BOOSTER });
  const works = outcome.status === 'running';
  return {
    id: 'booster',
    name: 'booster with a red LED',
    load: null,
    amps: works ? outcome.amps : 0,
    volts: works ? outcome.volts : source.voltsAt(0),
    brightness: null,
    works,
    verdict: BOOSTER_VERDICTS[outcome.status],
  };
}

const BOOSTER_VERDICTS = {
  running: 'runs, the LED dim',
  'does-not-start': 'does not start: too few volts',
  'no-stable-point': 'no stable point: too little power',
} as const;

/** A capacitor draws nothing once it is full; what it holds is ½CV². */
function capacitor(desk: Desk): OtherLoad {
  const source = deskSource(desk);
  const openVolts = source.voltsAt(0);
  const works = openVolts > 0 && Number.isFinite(source.differentialOhmsAt(0));
  const seconds = works
    ? chargeTime({
        source,
        farads: ORDINARY_FARADS,
        fromVolts: 0,
        toVolts: FULL_SHARE * openVolts,
      })
    : Infinity;
  const one = { farads: ORDINARY_FARADS, ratedVolts: openVolts, inSeries: 1, inParallel: 1 };
  return {
    id: 'capacitor',
    name: `capacitor, ${ORDINARY_CAPACITOR}`,
    load: null,
    amps: 0,
    volts: Math.max(0, openVolts),
    brightness: null,
    works,
    verdict: works
      ? `full after about ${formatMinutes(seconds / 60)}: ${formatNumber(1000 * bankAt(one, openVolts).joules)} mJ`
      : 'does not charge',
  };
}
