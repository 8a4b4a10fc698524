import {
  BATTERY_MINUS,
  BATTERY_PLUS,
  batteryNetwork,
  nodeAfter,
  plusMetal,
} from '../../physics/circuit/faults/batteryNetwork';
import type { SpecCell } from '../../physics/circuit/faults/batterySpec';
import type { NetworkComponent } from '../../physics/circuit/network/networkSchema';
import { LOAD, loadComponents } from '../../physics/desk/deskNetwork';
import {
  showAmps,
  showVolts,
  type MeterDisplay,
  type MeterRange,
} from '../../physics/instruments/meter';
import type { Measurement } from '../../records/logbook/measurement';
import type { BuiltBattery } from './builtBattery';
import { currentRangeFor, meterOnNetwork, solvedState, voltRangeFor } from './meterOnNetwork';
import { clipsOff, LEAD_OHMS, standingItems, withoutPlace } from './probed';

type OfString = Exclude<
  Measurement,
  { kind: 'battery-volts' | 'load-volts' | 'load-amps' | 'lights' }
>;

/** What the meter shows of a measurement on one string as it was built, on a given range or one that it chooses. */
export function meterOnString(
  items: readonly SpecCell[],
  measurement: OfString,
  range: MeterRange | null = null,
): MeterDisplay {
  const place = 'cell' in measurement ? measurement.cell - 1 : 0;
  const own = items[place];
  const alone = own === undefined ? [] : [clipsOff(own)];
  switch (measurement.kind) {
    case 'volts': {
      const { built, from, to } = measurement;
      return voltsOn(items.slice(0, built), from, to, null, range);
    }
    case 'shorted-volts':
      return voltsOn(items.slice(0, measurement.built), 1, measurement.to, LEAD_OHMS, range);
    case 'short':
      return ampsOn(items.slice(0, measurement.built), range);
    case 'cell-volts':
      return voltsOn(alone, 1, 1, null, range);
    case 'cell-short':
      return ampsOn(alone, range);
    case 'volts-without': {
      const left = withoutPlace(items.slice(0, measurement.built), measurement.cell);
      return voltsOn(left, 1, measurement.built, null, range);
    }
  }
}

/** What the meter shows on a whole battery; `null` where nothing can be read (no such string, no device). */
export function meterOnBattery(
  { strings, load }: BuiltBattery,
  measurement: Measurement,
  range: MeterRange | null,
): MeterDisplay | null {
  if ('string' in measurement) {
    const items = strings[measurement.string - 1];
    return items === undefined ? null : meterOnString(items, measurement, range);
  }
  const connected = measurement.kind !== 'battery-volts';
  if (measurement.kind === 'lights' || (connected && load === null)) return null;
  const parts = connected && load !== null ? loadComponents(load, false) : [];
  const { nodeVolts, componentAmps } = solvedState([...batteryNetwork({ strings }), ...parts]);
  if (measurement.kind === 'load-amps') {
    const amps = componentAmps[LOAD] ?? 0;
    return showAmps(amps, currentRangeFor(range, amps));
  }
  // With nothing connected the probes are on the metals, before the leads of the device.
  const end =
    connected || strings.length > 1
      ? BATTERY_PLUS
      : plusMetal({ strings }, 1, strings[0]?.length ?? 1);
  const volts = nodeVolts[end] ?? 0;
  return showVolts(volts, voltRangeFor(range, volts));
}

/** Red on the + metal of `to`, black on the − metal of `from`. */
function voltsOn(
  items: readonly SpecCell[],
  from: number,
  to: number,
  endsOhms: number | null,
  range: MeterRange | null,
): MeterDisplay {
  const spec = { strings: [standingItems(items, items.length)] };
  return meterOnNetwork({
    components: [...batteryNetwork(spec), ...(endsOhms === null ? [] : [leadAcross(endsOhms)])],
    red: plusMetal(spec, 1, to),
    black: nodeAfter(spec, 1, from - 1),
    quantity: 'volts',
    range,
  });
}

function ampsOn(items: readonly SpecCell[], range: MeterRange | null): MeterDisplay {
  return meterOnNetwork({
    components: batteryNetwork({ strings: [standingItems(items, items.length)] }),
    red: BATTERY_PLUS,
    black: BATTERY_MINUS,
    quantity: 'amps',
    range,
  });
}

/** A lead that joins the ends of the string. */
export function leadAcross(ohms: number): NetworkComponent {
  return {
    type: 'resistor',
    name: 'lead',
    a: BATTERY_PLUS,
    b: BATTERY_MINUS,
    resistanceOhms: ohms,
  };
}
