import type {
  NetworkComponent,
  NetworkDocument,
} from '@/core/physics/circuit/network/networkSchema';
import type { LedModel } from '@/core/physics/circuit/load/led';
import { solveNetwork } from '@/core/physics/circuit/network/solveNetwork';
import type { Measurement } from '@/core/records/logbook/measurement';

/**
 * A battery as it lies on the bench: metals as nodes, leads as what joins two of them. It shares no code with the fault
 * finder: only the solver of networks, which is checked against a circuit simulator elsewhere.
 */
export interface BenchCell {
  readonly volts: number;
  readonly ohms: number;
  /** Volts lost at once to the electrode reaction, each e-fold of current; 0: a straight line. */
  readonly tafelVolts: number;
  /** Its metals stand the other way round in the string. */
  readonly turned: boolean;
  /** Metals that touch, ohms. */
  readonly touching: number | null;
  /** Outside its metals: a wet rim or a clip, ohms. */
  readonly across: number | null;
  /** From below this cell to above the next: a drip or a clip, ohms. */
  readonly acrossTwo: number | null;
  /** Sticks in one body with the next. */
  readonly sharesNext: boolean;
  /** What the lead to the next cell adds, ohms; of the last cell, the lead that joins the strings. */
  readonly leadOhms: number;
}

export interface BenchBattery {
  readonly strings: readonly (readonly BenchCell[])[];
  readonly reversedString: number | null;
  readonly led: LedModel;
  readonly device: 'right' | 'reversed' | 'broken' | 'shorted';
  readonly deviceLeadOhms: number;
  /** Its + lead sits on the + metal of so many cells of the first string; `null`: where it belongs. */
  readonly deviceOnCell: number | null;
}

export const OPEN_OHMS = 1e12;
const GOOD_LEAD_OHMS = 0.05;
/** Resistance of a voltmeter, ohms. */
const VOLTMETER_OHMS = 1e7;
export const SHUNTS = { 2e-4: 1000, 2e-3: 100, 2e-2: 10, 0.2: 1 } as const;

const resistor = (
  name: string,
  a: string,
  b: string,
  resistanceOhms: number,
): NetworkComponent => ({
  type: 'resistor',
  name,
  a,
  b,
  resistanceOhms,
});
const plus = (string: number, cell: number): string => `plus ${string} ${cell}`;
const minus = (string: number, cell: number): string => `minus ${string} ${cell}`;

/** The lower and the upper metal of a cell as it stands. */
function ends(one: BenchCell, string: number, cell: number): readonly [string, string] {
  return one.turned
    ? [plus(string, cell), minus(string, cell)]
    : [minus(string, cell), plus(string, cell)];
}

function cellParts(
  one: BenchCell,
  string: number,
  cell: number,
  inBody: boolean,
): NetworkComponent[] {
  const name = `cell ${string} ${cell}`;
  const model = {
    emfVolts: one.volts,
    resistanceOhms: one.ohms,
    ...(one.tafelVolts > 0
      ? { activation: { slopeVolts: one.tafelVolts, exchangeAmps: (0.05 * one.volts) / one.ohms } }
      : {}),
  };
  const body = `body ${string}`;
  const own: NetworkComponent[] = inBody
    ? [
        {
          type: 'cell',
          name,
          minus: body,
          plus: plus(string, cell),
          ...model,
          resistanceOhms: one.ohms / 2,
        },
        resistor(`${name} half`, minus(string, cell), body, one.ohms / 2),
      ]
    : [{ type: 'cell', name, minus: minus(string, cell), plus: plus(string, cell), ...model }];
  if (one.touching !== null) {
    own.push(resistor(`${name} touching`, minus(string, cell), plus(string, cell), one.touching));
  }
  return own;
}

/** Cells `first` to `built` of a string with the leads between them. */
function stringParts(
  items: readonly BenchCell[],
  string: number,
  built: number,
): NetworkComponent[] {
  const standing = items.slice(0, built);
  return standing.flatMap((one, index) => {
    const cell = index + 1;
    const [low, high] = ends(one, string, cell);
    const below = items[index - 1];
    const next = standing[index + 1];
    const inBody = (one.sharesNext && next !== undefined) || below?.sharesNext === true;
    const parts = cellParts(one, string, cell, inBody);
    if (one.across !== null)
      parts.push(resistor(`across ${string} ${cell}`, low, high, one.across));
    if (next !== undefined) {
      const [nextLow, nextHigh] = ends(next, string, cell + 1);
      parts.push(resistor(`lead ${string} ${cell}`, high, nextLow, one.leadOhms));
      if (one.acrossTwo !== null) {
        parts.push(resistor(`two ${string} ${cell}`, low, nextHigh, one.acrossTwo));
      }
    }
    return parts;
  });
}

function solved(components: readonly NetworkComponent[]): {
  readonly volts: (node: string) => number;
  readonly amps: (name: string) => number;
} {
  const network: NetworkDocument = { temperatureCelsius: 25, components: [...components] };
  const outcome = solveNetwork(network);
  if (outcome.status !== 'solved') throw new Error(`no state: ${outcome.status}`);
  const { nodeVolts, componentAmps } = outcome;
  return { volts: (node) => nodeVolts[node] ?? 0, amps: (name) => componentAmps[name] ?? 0 };
}

/** Every network has a node 0: the − metal, or whatever the black probe stands on. */
function grounded(components: readonly NetworkComponent[], node: string): NetworkComponent[] {
  const named = (one: string): string => (one === node ? '0' : one);
  return components.map((one) => {
    if ('a' in one) return { ...one, a: named(one.a), b: named(one.b) };
    if ('minus' in one) return { ...one, minus: named(one.minus), plus: named(one.plus) };
    if ('anode' in one) return { ...one, anode: named(one.anode), cathode: named(one.cathode) };
    return { ...one, from: named(one.from), to: named(one.to) };
  });
}

function voltsAcross(components: readonly NetworkComponent[], red: string, black: string): number {
  if (red === black) return 0;
  const meter = resistor('meter', red, black, VOLTMETER_OHMS);
  return solved(grounded([...components, meter], black)).volts(red);
}

function ampsAcross(
  components: readonly NetworkComponent[],
  red: string,
  black: string,
  shunt: number,
): number {
  const meter = resistor('meter', red, black, shunt);
  return solved(grounded([...components, meter], black)).volts(red) / shunt;
}

/** What is there to be read: volts or amperes through a shunt, before the meter rounds it. For light the current. */
export function truthOf(
  battery: BenchBattery,
  measurement: Measurement,
  shunt: number,
  /** Red follows the + metal of a cell that was turned round, and not its free end. */
  byMetal: boolean,
): number {
  if (!('string' in measurement)) return truthOfWhole(battery, measurement, shunt);
  const { string } = measurement;
  const items = battery.strings[string - 1] ?? [];
  const cellAt = (cell: number): BenchCell => {
    const one = items[cell - 1];
    if (one === undefined) throw new Error(`no cell ${cell}`);
    return one;
  };
  // What is clipped sits at the free ends; a probe is put to the metal that its name says, or to the free end.
  const freeEnds = (built: number): readonly [string, string] => [
    ends(cellAt(1), string, 1)[0],
    ends(cellAt(built), string, built)[1],
  ];
  const at = (cell: number): readonly [string, string] =>
    byMetal ? [minus(string, cell), plus(string, cell)] : ends(cellAt(cell), string, cell);
  const alone = (cell: number): NetworkComponent[] => cellParts(cellAt(cell), string, cell, false);
  switch (measurement.kind) {
    case 'volts': {
      const { built, from, to } = measurement;
      return voltsAcross(stringParts(items, string, built), at(to)[1], at(from)[0]);
    }
    case 'short': {
      const { built } = measurement;
      const [black, red] = freeEnds(built);
      return ampsAcross(stringParts(items, string, built), red, black, shunt);
    }
    case 'shorted-volts': {
      const { built, to } = measurement;
      const joined = resistor('joined', ...freeEnds(built), 0.1);
      return voltsAcross([...stringParts(items, string, built), joined], at(to)[1], at(1)[0]);
    }
    case 'cell-volts':
      return voltsAcross(
        alone(measurement.cell),
        plus(string, measurement.cell),
        minus(string, measurement.cell),
      );
    case 'cell-short':
      return ampsAcross(
        alone(measurement.cell),
        plus(string, measurement.cell),
        minus(string, measurement.cell),
        shunt,
      );
    case 'volts-without': {
      const { cell, built } = measurement;
      const left = items.slice(0, built).filter((_, index) => index !== cell - 1);
      // A new lead stands in for the cell and for the leads at both of its sides.
      const mended = left.map((one, index) =>
        index === cell - 2 ? { ...one, leadOhms: GOOD_LEAD_OHMS } : one,
      );
      const parts = stringParts(mended, string, mended.length);
      const [first, last] = [mended[0], mended.at(-1)];
      if (first === undefined || last === undefined) return 0;
      return voltsAcross(parts, ends(last, string, mended.length)[1], ends(first, string, 1)[0]);
    }
  }
}

function truthOfWhole(
  battery: BenchBattery,
  measurement: Exclude<Measurement, { string: number }>,
  shunt: number,
): number {
  const { strings, led, device, deviceLeadOhms, deviceOnCell, reversedString } = battery;
  const parts = strings.flatMap((items, index) => {
    const string = index + 1;
    const [first, last] = [items[0], items.at(-1)];
    if (first === undefined || last === undefined) return [];
    const low = ends(first, string, 1)[0];
    const high = ends(last, string, items.length)[1];
    const [down, up] = reversedString === string ? [high, low] : [low, high];
    const joins = strings.length > 1 ? last.leadOhms : GOOD_LEAD_OHMS;
    return [
      ...stringParts(items, string, items.length),
      resistor(`up ${string}`, up, 'PLUS', joins),
      resistor(`down ${string}`, down, 'MINUS', GOOD_LEAD_OHMS),
    ];
  });
  if (measurement.kind === 'battery-volts') return voltsAcross(parts, 'PLUS', 'MINUS');
  const turned = measurement.kind === 'lights' && measurement.turned;
  const forwards = (device === 'reversed') === turned;
  const from = deviceOnCell === null ? 'PLUS' : plus(1, deviceOnCell);
  const whole: NetworkComponent[] = [
    ...parts,
    resistor('device lead', from, 'leg', deviceLeadOhms),
    resistor(
      'device return',
      'other leg',
      'MINUS',
      measurement.kind === 'load-amps' ? shunt : GOOD_LEAD_OHMS,
    ),
    device === 'broken'
      ? resistor('device', 'leg', 'other leg', OPEN_OHMS)
      : device === 'shorted'
        ? resistor('device', 'leg', 'other leg', 0.2)
        : {
            type: 'led',
            name: 'device',
            anode: forwards ? 'leg' : 'other leg',
            cathode: forwards ? 'other leg' : 'leg',
            ...led,
          },
  ];
  if (measurement.kind === 'load-volts') return voltsAcross(whole, 'leg', 'other leg');
  const state = solved(grounded(whole, 'MINUS'));
  const through = (state.volts(from) - state.volts('leg')) / deviceLeadOhms;
  return measurement.kind === 'lights' && device !== 'right' && device !== 'reversed' ? 0 : through;
}
