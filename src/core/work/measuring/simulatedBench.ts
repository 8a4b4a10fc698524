import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { RandomStream } from '../../physics/chance/random';
import {
  BATTERY_MINUS,
  BATTERY_PLUS,
  batteryNetwork,
  nodeAfter,
} from '../../physics/circuit/faults/batteryNetwork';
import type { CellFault, SpecCell } from '../../physics/circuit/faults/batterySpec';
import {
  CURRENT_RANGE_FACTS,
  CURRENT_RANGES,
  showAmps,
  showVolts,
  suitableRange,
  VOLT_RANGES,
  VOLTMETER_OHMS,
  type CurrentRange,
  type MeterDisplay,
  type VoltRange,
} from '../../physics/instruments/meter';
import type { NetworkComponent } from '../../physics/circuit/network/networkSchema';
import { solveNetwork } from '../../physics/circuit/network/solveNetwork';
import type { Load } from '../../physics/circuit/load/load';
import { ROOM_CELSIUS } from '../../constants';
import type { Measurement } from '../../records/logbook/measurement';
import { LOAD, loadComponents } from '../../physics/desk/deskNetwork';
import { clipsOff, LEAD, LEAD_OHMS, standingItems } from './probed';

/** One string as somebody built it: every cell a little different, and with what is wrong. */
export interface BuiltString {
  readonly items: readonly SpecCell[];
}

/** Cells that scatter like those of a class, around the cell that was planned with. */
export function scatteredString(
  cells: number,
  planned: { readonly emfVolts: number; readonly resistanceOhms: number },
  random: RandomStream,
): BuiltString {
  return {
    items: Array.from({ length: cells }, () => ({
      cell: {
        emfVolts: planned.emfVolts * (1 + CLASS_SCATTER.emfShare * random.normal()),
        resistanceOhms:
          planned.resistanceOhms * Math.exp(CLASS_SCATTER.resistanceLog * random.normal()),
      },
      faults: [],
      body: null,
    })),
  };
}

/** The string with something wrong at a cell, counted from 1. */
export function withFaultAt(
  string: BuiltString,
  cell: number,
  faults: readonly CellFault[],
  sharesNext = false,
): BuiltString {
  return {
    items: string.items.map((item, index) => {
      const shares = sharesNext && (index === cell - 1 || index === cell);
      return {
        ...item,
        faults: index === cell - 1 ? [...item.faults, ...faults] : item.faults,
        body: shares ? 'one body' : item.body,
      };
    }),
  };
}

type OfString = Exclude<
  Measurement,
  { kind: 'battery-volts' | 'load-volts' | 'load-amps' | 'lights' }
>;

/**
 * What the classroom meter shows of a measurement on a string, worked out by the general network solver: the
 * voltmeter's own resistance, the shunt, the range and its last digit included.
 */
export function meterOn(
  { items }: BuiltString,
  measurement: OfString,
  range: VoltRange | CurrentRange | null = null,
): MeterDisplay {
  const place = 'cell' in measurement ? measurement.cell - 1 : 0;
  const own = items[place];
  switch (measurement.kind) {
    case 'volts':
      return voltsOn(
        items.slice(0, measurement.built),
        measurement.from - 1,
        measurement.to,
        null,
        range,
      );
    case 'shorted-volts':
      return voltsOn(items.slice(0, measurement.built), 0, measurement.to, LEAD_OHMS, range);
    case 'short':
      return ampsOn(items.slice(0, measurement.built), range);
    case 'cell-volts':
      return voltsOn(own === undefined ? [] : [clipsOff(own)], 0, 1, null, range);
    case 'cell-short':
      return ampsOn(own === undefined ? [] : [clipsOff(own)], range);
    case 'volts-without': {
      const left = items.slice(0, measurement.built).map((one, at) => (at === place ? LEAD : one));
      return voltsOn(left, 0, measurement.built, null, range);
    }
  }
}

/** A whole battery as it was built. */
export interface BuiltBattery {
  readonly strings: readonly (readonly SpecCell[])[];
  /** The device; `null` where none is simulated. */
  readonly load: Load | null;
}

/**
 * What the meter shows on a whole battery, on a given range or one that it chooses; `null` where nothing can be read
 * (no such string, no device).
 */
export function meterOnBattery(
  { strings, load }: BuiltBattery,
  measurement: Measurement,
  range: VoltRange | CurrentRange | null,
): MeterDisplay | null {
  if ('string' in measurement) {
    const items = strings[measurement.string - 1];
    return items === undefined ? null : meterOn({ items }, measurement, range);
  }
  const connected = measurement.kind !== 'battery-volts';
  if (measurement.kind === 'lights' || (connected && load === null)) return null;
  const parts = connected && load !== null ? loadComponents(load, false) : [];
  const outcome = solveNetwork({
    temperatureCelsius: ROOM_CELSIUS,
    components: [...batteryNetwork({ strings }), ...parts],
  });
  if (outcome.status !== 'solved')
    throw new Error(`a built battery has no state: ${outcome.status}`);
  const volts = outcome.nodeVolts[BATTERY_PLUS] ?? 0;
  return measurement.kind === 'load-amps'
    ? showAmps(outcome.componentAmps[LOAD] ?? 0, currentRange(range) ?? '20 mA')
    : showVolts(volts, voltRange(range) ?? voltRangeFor(volts));
}

function voltRangeFor(volts: number): VoltRange {
  return Math.abs(volts) < 1.9 ? '2 V' : Math.abs(volts) < 19 ? '20 V' : '200 V';
}

function voltRange(range: VoltRange | CurrentRange | null): VoltRange | null {
  return VOLT_RANGES.find((one) => one === range) ?? null;
}

function currentRange(range: VoltRange | CurrentRange | null): CurrentRange | null {
  return CURRENT_RANGES.find((one) => one === range) ?? null;
}

function solve(
  items: readonly SpecCell[],
  extra: readonly NetworkComponent[],
): {
  readonly volts: (places: number) => number;
  readonly amps: (name: string) => number;
} {
  const strings = [standingItems(items, items.length)];
  const outcome = solveNetwork({
    temperatureCelsius: ROOM_CELSIUS,
    components: [...batteryNetwork({ strings }), ...extra],
  });
  if (outcome.status !== 'solved')
    throw new Error(`a built string has no state: ${outcome.status}`);
  return {
    volts: (places) => outcome.nodeVolts[nodeAfter({ strings }, 1, places)] ?? 0,
    amps: (name) => outcome.componentAmps[name] ?? 0,
  };
}

function voltsOn(
  items: readonly SpecCell[],
  from: number,
  to: number,
  endsOhms: number | null,
  range: VoltRange | CurrentRange | null,
): MeterDisplay {
  const strings = [standingItems(items, items.length)];
  const probe = (places: number): string => nodeAfter({ strings }, 1, places);
  const between = (a: string, b: string, name: string, ohms: number): NetworkComponent => ({
    type: 'resistor',
    name,
    a,
    b,
    resistanceOhms: ohms,
  });
  const state = solve(items, [
    between(probe(to), probe(from), 'voltmeter', VOLTMETER_OHMS),
    ...(endsOhms === null ? [] : [between(BATTERY_PLUS, BATTERY_MINUS, 'lead', endsOhms)]),
  ]);
  const volts = state.volts(to) - state.volts(from);
  return showVolts(volts, voltRange(range) ?? voltRangeFor(volts));
}

function ampsOn(items: readonly SpecCell[], wished: VoltRange | CurrentRange | null): MeterDisplay {
  const through = (ohms: number): number =>
    solve(items, [
      { type: 'resistor', name: 'meter', a: BATTERY_PLUS, b: BATTERY_MINUS, resistanceOhms: ohms },
    ]).amps('meter');
  const range = currentRange(wished) ?? suitableRange(Math.abs(through(1)));
  return showAmps(through(CURRENT_RANGE_FACTS[range].shuntOhms), range);
}
