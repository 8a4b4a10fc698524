import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '../../constants';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { loadVolts, rowAmps, type Load } from '../../physics/circuit/load/load';
import { ampsOfPower, FILAMENT_FROM_SHARE } from '../../physics/circuit/load/bulb';
import { ledThrough, ledVolts } from '../../physics/circuit/load/led';
import { LED_PRESETS, type LedColour, ledModelOf } from '../../physics/circuit/load/ledPresets';
import { formatAmps, formatFarads, formatOhms, formatVolts } from '../../units';
import { inWords, listWords } from '../../words';
import type { PlanTarget } from './planSchema';

/** What the target asks of the battery: at least this current, at the voltage the load then takes. */
export interface LoadRequirement {
  readonly load: Load;
  /** `amber LED`, `1 kΩ resistor`, `piezo buzzer`. */
  readonly name: string;
  readonly amps: number;
  /** Across load and resistor at that current. */
  readonly volts: number;
}

/** @param celsius warmth of the room: an LED's volts fall with it. */
export function requirementOf(target: PlanTarget, celsius = ROOM_CELSIUS): LoadRequirement {
  const load = loadOfTarget(target, celsius);
  const amps = wantedAmps(target, load);
  return {
    load,
    name: nameOfTarget(target),
    amps,
    volts: loadVolts(load, amps, ROOM_THERMAL_VOLTS),
  };
}

export function nameOfTarget(target: PlanTarget): string {
  switch (target.kind) {
    case 'led':
      return LED_PRESETS[target.colour].name;
    case 'resistor':
      return `${formatOhms(target.ohms)} resistor`;
    case 'device':
      return target.name ?? DEVICE_PRESETS[target.device].name;
    case 'leds':
      return ledsName(target.colours);
    case 'motor':
      return 'small motor';
    case 'bulb':
      return `bulb of ${formatVolts(target.ratedVolts)}, ${formatAmps(target.ratedAmps)}`;
    case 'capacitor':
      return `capacitor of ${formatFarads(target.farads)}`;
  }
}

/** `three red LEDs`, `red, amber and blue LEDs`. */
function ledsName(colours: readonly LedColour[]): string {
  const [first] = colours;
  const alike = first !== undefined && colours.every((colour) => colour === first);
  return alike
    ? `${inWords(colours.length)} ${LED_PRESETS[first].name}s`
    : `${listWords(colours.map((colour) => LED_PRESETS[colour].name.replace(/ LED$/, '')))} LEDs`;
}

function loadOfTarget(target: PlanTarget, celsius: number): Load {
  switch (target.kind) {
    case 'led': {
      const led = ledModelOf(target.colour, celsius);
      const { pack } = target;
      return {
        kind: 'led',
        led: pack === undefined ? led : ledThrough(led, pack, ROOM_THERMAL_VOLTS),
      };
    }
    case 'resistor':
      return { kind: 'resistor', ohms: target.ohms };
    case 'device':
      return { kind: 'device', amps: target.amps, leastVolts: target.leastVolts };
    case 'leds': {
      const leds = target.colours.map((colour) => ledModelOf(colour, celsius));
      return {
        kind: 'led-group',
        rows: target.joined === 'in-a-row' ? [leds] : leds.map((led) => [led]),
      };
    }
    case 'motor':
      // It must be able to start at any moment: standing still it is a resistor.
      return { kind: 'resistor', ohms: target.ratedVolts / target.stallAmps };
    case 'bulb':
      return { kind: 'bulb', bulb: target };
    case 'capacitor':
      // The last of the charging is slowest: what flows at the wanted volts flows before, and more.
      return { kind: 'device', amps: chargingAmps(target), leastVolts: target.volts };
  }
}

function chargingAmps({
  farads,
  volts,
  withinMinutes,
}: Extract<PlanTarget, { kind: 'capacitor' }>): number {
  return (farads * volts) / (60 * withinMinutes);
}

function wantedAmps(target: PlanTarget, load: Load): number {
  switch (target.kind) {
    case 'led':
      return BRIGHTNESS_FROM_AMPS[target.brightness];
    case 'resistor':
      return target.wantedAmps;
    case 'device':
      return target.amps;
    case 'leds':
      return groupAmps(load, BRIGHTNESS_FROM_AMPS[target.brightness]);
    case 'motor':
      return (target.startVolts * target.stallAmps) / target.ratedVolts;
    case 'bulb':
      return ampsOfPower(target, FILAMENT_FROM_SHARE[target.look]);
    case 'capacitor':
      return chargingAmps(target);
  }
}

/** Current of all rows where each carries at least so much: the one that takes most volts decides. */
function groupAmps(load: Load, amps: number): number {
  if (load.kind !== 'led-group') return amps;
  const volts = Math.max(
    ...load.rows.map((row) =>
      row.reduce((sum, led) => sum + ledVolts(led, amps, ROOM_THERMAL_VOLTS), 0),
    ),
  );
  return load.rows.reduce((sum, row) => sum + rowAmps(row, volts, ROOM_THERMAL_VOLTS), 0);
}

/** The same wish through a resistor in series; 0 ohms: without one. */
export function throughResistor(need: LoadRequirement, ohms: number): LoadRequirement {
  const { load, amps } = need;
  if (ohms === 0 || (load.kind !== 'led' && load.kind !== 'device')) return need;
  const through: Load = { ...load, resistorOhms: ohms };
  return { ...need, load: through, volts: loadVolts(through, amps, ROOM_THERMAL_VOLTS) };
}
