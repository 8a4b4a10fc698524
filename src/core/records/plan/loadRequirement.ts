import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '../../constants';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { loadVolts, type Load } from '../../physics/circuit/load/load';
import { ledThrough } from '../../physics/circuit/load/led';
import { LED_PRESETS, ledModelOf } from '../../physics/circuit/load/ledPresets';
import { formatOhms } from '../../units';
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
  const amps = wantedAmps(target);
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
      return DEVICE_PRESETS[target.device].name;
  }
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
  }
}

function wantedAmps(target: PlanTarget): number {
  switch (target.kind) {
    case 'led':
      return BRIGHTNESS_FROM_AMPS[target.brightness];
    case 'resistor':
      return target.wantedAmps;
    case 'device':
      return target.amps;
  }
}

/** The same wish through a resistor in series; 0 ohms: without one. */
export function throughResistor(need: LoadRequirement, ohms: number): LoadRequirement {
  const { load, amps } = need;
  if (ohms === 0 || (load.kind !== 'led' && load.kind !== 'device')) return need;
  const through: Load = { ...load, resistorOhms: ohms };
  return { ...need, load: through, volts: loadVolts(through, amps, ROOM_THERMAL_VOLTS) };
}
