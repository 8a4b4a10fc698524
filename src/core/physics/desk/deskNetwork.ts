import type { TheveninSource } from '../circuit/battery/sourceCurve';
import type { OperatingPoint } from '../circuit/operatingPoint';
import { solveNetwork, type NetworkOutcome } from '../circuit/network/solveNetwork';
import {
  BATTERY_MINUS,
  BATTERY_PLUS,
  batteryNetwork,
  nodeAfter,
  stringName,
} from '../circuit/faults/batteryNetwork';
import { isLedLoad, seriesOhms, type Load } from '../circuit/load/load';
import type { NetworkComponent, NetworkDocument } from '../circuit/network/networkSchema';
import { ROOM_CELSIUS } from '../../constants';
import { specOf, type Desk } from './desk';

/** Name of the load's component. */
export const LOAD = 'load';
/** Name of the resistor in series with it. */
export const SERIES_RESISTOR = 'series resistor';

/**
 * The battery on the desk and its load (none: nothing connected) as a network document, SI numbers and node names only.
 * Node `plus` is the battery's + end, node `0` its − end.
 */
export function deskNetwork(desk: Desk, load: Load | null): NetworkDocument {
  const connected = load === null ? [] : loadComponents(load, desk.loadReversed);
  const components = [...batteryNetwork(specOf(desk)), ...connected];
  return { temperatureCelsius: ROOM_CELSIUS, components };
}

/** The load between the battery's ends. */
export function loadComponents(load: Load, reversed: boolean): NetworkComponent[] {
  const [plus, minus] =
    reversed && isLedLoad(load) ? [BATTERY_MINUS, BATTERY_PLUS] : [BATTERY_PLUS, BATTERY_MINUS];
  const ohms = seriesOhms(load);
  const behind = ohms === 0 ? plus : 'after resistor';
  const resistor: NetworkComponent[] =
    ohms === 0
      ? []
      : [{ type: 'resistor', name: SERIES_RESISTOR, a: plus, b: behind, resistanceOhms: ohms }];
  switch (load.kind) {
    case 'led':
      return [...resistor, { type: 'led', name: LOAD, anode: behind, cathode: minus, ...load.led }];
    case 'led-group':
      return ledGroupComponents(load, plus, minus);
    case 'bulb':
      return [{ type: 'bulb', name: LOAD, a: plus, b: minus, ...load.bulb }];
    case 'resistor':
      return [{ type: 'resistor', name: LOAD, a: plus, b: minus, resistanceOhms: load.ohms }];
    case 'device':
      return [
        ...resistor,
        {
          type: 'device',
          name: LOAD,
          plus: behind,
          minus: BATTERY_MINUS,
          amps: load.amps,
          leastVolts: load.leastVolts,
        },
      ];
  }
}

function ledGroupComponents(
  { rows }: Extract<Load, { kind: 'led-group' }>,
  plus: string,
  minus: string,
): NetworkComponent[] {
  return [
    { type: 'ammeter', name: LOAD, a: plus, b: 'LEDs' },
    ...rows.flatMap((row, index) =>
      row.map((led, place): NetworkComponent => {
        const after = (at: number): string => `LED row ${index + 1} after ${at}`;
        return {
          type: 'led',
          name: `LED row ${index + 1}, ${place + 1}`,
          anode: place === 0 ? 'LEDs' : after(place),
          cathode: place === row.length - 1 ? minus : after(place + 1),
          ...led,
        };
      }),
    ),
  ];
}

/** Volts and amperes of one string. */
export interface StringState {
  /** Volts above the − end after each of its cells or groups, nothing connected. */
  readonly openVolts: readonly number[];
  /** The same with the load connected. */
  readonly loadedVolts: readonly number[];
  /** Current out of its + end under load, amperes; negative where the others drive it backwards. */
  readonly amps: number;
  /** The same with nothing connected. */
  readonly openAmps: number;
}

export interface DeskSolution {
  /** The whole battery as one source; on a curve, as it acts at the operating point. */
  readonly source: TheveninSource;
  readonly point: OperatingPoint;
  /** Through the load; 0 where none flows. */
  readonly amps: number;
  /** Across the load; the open-circuit volts where no current flows. */
  readonly volts: number;
  readonly strings: readonly StringState[];
  /** Strings that the others drive backwards, in words. */
  readonly warnings: readonly string[];
}

/** Currents smaller than this count as none, amperes. */
export const NOTHING_AMPS = 1e-6;

/** Volts and currents everywhere, with the load and with nothing connected, by the network solver. */
export function solveNetworkOfDesk(desk: Desk, load: Load): Omit<DeskSolution, 'warnings'> {
  const open = solved(solveNetwork(deskNetwork(desk, null)));
  const loaded = solved(solveNetwork(deskNetwork(desk, load)));
  const spec = specOf(desk);
  const voltsAfter = ({ nodeVolts }: Solved, string: number): number[] =>
    desk.strings[string - 1]?.map(
      (_, index) => nodeVolts[nodeAfter(spec, string, index + 1)] ?? 0,
    ) ?? [];
  const strings = desk.strings.map((_, index): StringState => {
    const name = stringName(index + 1);
    return {
      openVolts: voltsAfter(open, index + 1),
      loadedVolts: voltsAfter(loaded, index + 1),
      amps: loaded.componentAmps[name] ?? 0,
      openAmps: open.componentAmps[name] ?? 0,
    };
  });
  const openVolts = open.nodeVolts['plus'] ?? 0;
  const volts = loaded.nodeVolts['plus'] ?? 0;
  const through = loadAmps(load, loaded);
  const amps = through > NOTHING_AMPS / 1000 ? through : 0;
  const resistanceOhms =
    amps > 0 ? (openVolts - volts) / amps : openVolts / shortAmpsOnNetwork(desk);
  return {
    source: { emfVolts: openVolts, resistanceOhms },
    point:
      amps > 0
        ? {
            status: 'solved',
            volts,
            amps,
            iterations: loaded.iterations,
            residualVolts: loaded.residualVolts,
          }
        : { status: 'no-current', openVolts },
    amps,
    volts: amps > 0 ? volts : openVolts,
    strings,
  };
}

type Solved = Extract<NetworkOutcome, { status: 'solved' }>;

/** A desk always has a solution: every branch has resistance, and everything hangs together. */
function solved(outcome: NetworkOutcome): Solved {
  if (outcome.status !== 'solved') {
    throw new Error(`the desk has no solution: ${outcome.status} ${outcome.components.join()}`);
  }
  return outcome;
}

function loadAmps(load: Load, { componentAmps }: Solved): number {
  const amps = componentAmps[LOAD] ?? 0;
  return load.kind === 'led' ? Math.max(0, amps) : amps;
}

/** Current through the load and volts across it alone. */
export function loadOnNetwork(desk: Desk, load: Load): { amps: number; volts: number } {
  const loaded = solved(solveNetwork(deskNetwork(desk, load)));
  return { amps: Math.max(0, loadAmps(load, loaded)), volts: loaded.nodeVolts['plus'] ?? 0 };
}

/** Volts with nothing connected. */
export function openVoltsOnNetwork(desk: Desk): number {
  return solved(solveNetwork(deskNetwork(desk, null))).nodeVolts['plus'] ?? 0;
}

/** Current of the battery shorted, amperes. */
export function shortAmpsOnNetwork(desk: Desk): number {
  return solved(solveNetwork(deskNetwork(desk, SHORT))).componentAmps[LOAD] ?? 0;
}

/** As good as a short for cells of an ohm and more. */
const SHORT: Load = { kind: 'resistor', ohms: 1e-6 };
