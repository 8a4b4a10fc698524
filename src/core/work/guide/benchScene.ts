import type { CellLooks } from '../../physics/desk/drawing/cellShapes';
import type { Measurement } from '../../records/logbook/measurement';
import type { GuideStep } from './guideStep';

/** One place of a string as it is drawn. */
export interface PlaceLooks extends CellLooks {
  /** Cells that stand side by side there. */
  readonly sideBySide: number;
}

/** A string as it stands at a step. */
export interface StringScene {
  readonly kind: 'string';
  readonly string: number;
  /** Places that are drawn, from 1; of a long string only those that matter. */
  readonly places: readonly number[];
  /** How many stand before the first that is drawn. */
  readonly before: number;
  /** Place whose − metal the new lead goes to, from the + metal of the place before; `null`: no lead is new. */
  readonly newLeadTo: number | null;
  /** Place that is lifted out, with a lead in its stead. */
  readonly lifted: number | null;
  /** Place whose clips are off. */
  readonly alone: number | null;
  /** A lead joins both ends. */
  readonly endsJoined: boolean;
  /** Red on the + metal of `plus`, black on the − metal of `minus`; `null`: nothing is measured. */
  readonly probes: { readonly minus: number; readonly plus: number } | null;
  /** What is pointed at: a place, or the lead that goes on from it. */
  readonly marked: { readonly cell: number; readonly lead: boolean } | null;
}

/** The whole battery as it stands at a step. */
export interface BatteryScene {
  readonly kind: 'battery';
  /** Strings are joined in this step: their leads are the new ones. */
  readonly joining: boolean;
  readonly withDevice: boolean;
  readonly deviceTurned: boolean;
  /** Where the probes are; `null`: nothing is measured. */
  readonly probes: 'battery' | 'device' | 'in-series' | null;
}

export type BenchScene = StringScene | BatteryScene;

/** Places that have room in one picture. */
const MOST_DRAWN = 5;

/** The battery as it stands when a step is done; `null` where nothing stands yet. */
export function sceneOfStep({ kind, id, built, joins, measurement }: GuideStep): BenchScene | null {
  if (measurement !== null) {
    const scene = sceneOfMeasurement(measurement);
    return joins && built > 1 && scene.kind === 'string' ? { ...scene, newLeadTo: built } : scene;
  }
  switch (kind) {
    case 'join':
      return batteryScene({ joining: true });
    case 'device':
      return batteryScene({ withDevice: id === 'device' });
    case 'hold':
      return batteryScene({ withDevice: true });
    case 'prepare':
    case 'build':
    case 'measure':
    case 'clear':
      return null;
  }
}

/** The battery and the probes while something is measured. */
export function sceneOfMeasurement(measurement: Measurement): BenchScene {
  switch (measurement.kind) {
    case 'volts': {
      const { string, built, from, to } = measurement;
      return stringScene(string, built, { probes: { minus: from, plus: to }, focus: to });
    }
    case 'short': {
      const { string, built } = measurement;
      return stringScene(string, built, { probes: { minus: 1, plus: built }, focus: built });
    }
    case 'shorted-volts': {
      const { string, built, to } = measurement;
      return stringScene(string, built, {
        probes: { minus: 1, plus: to },
        endsJoined: true,
        focus: to,
      });
    }
    case 'cell-volts':
    case 'cell-short': {
      const { string, cell } = measurement;
      return stringScene(string, cell, {
        probes: { minus: cell, plus: cell },
        alone: cell,
        focus: cell,
      });
    }
    case 'volts-without': {
      const { string, built, cell } = measurement;
      return stringScene(string, built, {
        probes: { minus: 1, plus: built },
        lifted: cell,
        focus: cell,
      });
    }
    case 'battery-volts':
      return batteryScene({ probes: 'battery' });
    case 'load-volts':
      return batteryScene({ withDevice: true, probes: 'device' });
    case 'load-amps':
      return batteryScene({ withDevice: true, probes: 'in-series' });
    case 'lights':
      return batteryScene({ withDevice: true, deviceTurned: measurement.turned });
  }
}

/** The string as it stands, with what is to be mended pointed at. */
export function sceneOfPlace(
  string: number,
  built: number,
  marked: NonNullable<StringScene['marked']>,
): StringScene {
  const focus = Math.min(built, marked.cell + (marked.lead ? 1 : 0));
  return stringScene(string, built, { marked, focus });
}

function stringScene(
  string: number,
  built: number,
  { focus, ...rest }: Partial<StringScene> & { readonly focus: number },
): StringScene {
  const last = Math.min(built, Math.max(focus, MOST_DRAWN));
  const first = Math.max(1, last - MOST_DRAWN + 1);
  const near = Array.from({ length: last - first + 1 }, (_, index) => first + index);
  // The ends of what is measured are drawn, however far apart they are.
  const ends = rest.probes == null ? [] : [rest.probes.minus, rest.probes.plus];
  const places = [...new Set([...ends, ...near])].sort((a, b) => a - b);
  return {
    kind: 'string',
    string,
    places,
    before: (places[0] ?? 1) - 1,
    newLeadTo: null,
    lifted: null,
    alone: null,
    endsJoined: false,
    probes: null,
    marked: null,
    ...rest,
  };
}

function batteryScene(rest: Partial<BatteryScene>): BatteryScene {
  return {
    kind: 'battery',
    joining: false,
    withDevice: false,
    deviceTurned: false,
    probes: null,
    ...rest,
  };
}

/** What the picture shows, for those who do not see it. */
export function sceneWords(scene: BenchScene, device: string): string {
  if (scene.kind === 'battery') {
    const parts = [
      scene.joining ? 'All + ends are joined on one side, all − ends on the other.' : '',
      scene.withDevice
        ? `The ${device} is connected${scene.deviceTurned ? ', turned round' : ', + to +'}.`
        : '',
      scene.probes === 'battery'
        ? 'Red probe on the battery’s + end, black probe on its − end.'
        : scene.probes === 'device'
          ? `Red probe where + enters the ${device}, black probe where − leaves it.`
          : scene.probes === 'in-series'
            ? `The meter stands in the lead between battery + and the ${device}.`
            : '',
    ].filter((part) => part !== '');
    return parts.length === 0 ? 'The whole battery.' : parts.join(' ');
  }
  const { probes, newLeadTo, lifted, alone, endsJoined, marked } = scene;
  return [
    newLeadTo === null
      ? ''
      : `A lead from the + metal of cell ${newLeadTo - 1} to the − metal of cell ${newLeadTo}.`,
    marked === null
      ? ''
      : marked.lead
        ? `The lead from cell ${marked.cell} to cell ${marked.cell + 1} is pointed at.`
        : `Cell ${marked.cell} is pointed at.`,
    alone === null ? '' : `The clips of cell ${alone} are off.`,
    lifted === null ? '' : `A lead stands in for cell ${lifted}.`,
    endsJoined ? 'A lead joins both ends of the string.' : '',
    probes === null
      ? `Cell ${scene.places.at(-1) ?? 1} stands${scene.places.length > 1 ? ' with those before it' : ''}.`
      : `Red probe on the + metal of cell ${probes.plus}, black probe on the − metal of cell ${probes.minus}.`,
  ]
    .filter((part) => part !== '')
    .join(' ');
}
