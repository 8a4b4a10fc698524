import type { CellFault, SpecCell, SpecItem } from '../../physics/circuit/faults/batterySpec';
import { chordOhms } from './lines';
import { placeName } from '../../physics/circuit/faults/batteryNetwork';

/**
 * What may be wrong, each with how often it is met at the bench: half of it joints and slips of the meter (weights from
 * memory of common practice, no source).
 */
export const CAUSE_WEIGHTS = {
  reversed: 0.1,
  'poor-contact': 0.2,
  open: 0.12,
  dry: 0.1,
  shorted: 0.08,
  bridged: 0.05,
  'same-metal': 0.05,
  'rim-leak': 0.08,
  drip: 0.04,
  'shared-body': 0.04,
  'string-reversed': 0.04,
  'load-reversed': 0.12,
  'load-broken': 0.03,
  'no-milliamps': 0.03,
  'no-volts': 0.03,
  'leads-swapped': 0.03,
  'flat-meter': 0.01,
} as const;
type Faulty = keyof typeof CAUSE_WEIGHTS;
export type CauseKind = Faulty | 'slip' | 'none' | 'pair' | 'unexplained';

/** How likely anything at all is wrong before the first reading (common practice, no source). */
export const ANY_FAULT_CHANCE = 0.2;
/** Readings that nothing in the list explains: rare, but never impossible. */
export const UNEXPLAINED_CHANCE = 1e-4;

/** What is done to one place of one string. */
interface Change {
  readonly string: number;
  /** Place in its string, from 1. */
  readonly cell: number;
  /** Cell within a group that stands there: its string and place; `null` where the place is a cell. */
  readonly inner: readonly [number, number] | null;
  readonly faults: readonly CellFault[];
  /** Sticks in one body with the cell after it. */
  readonly sharesNext: boolean;
}

/** What is wrong with the meter for all of its readings. */
export interface MeterState {
  /** What it shows of what is there; below 0: its leads are swapped. */
  readonly gain: number;
  /** It shows next to nothing of a current: its fuse is blown, or the red lead is in the 10 A socket. */
  readonly noAmps: boolean;
  /** It shows next to nothing of a voltage: the red lead is in a socket for currents, which joins the probes. */
  readonly noVolts: boolean;
}

export const RIGHT_METER: MeterState = { gain: 1, noAmps: false, noVolts: false };
/** Chance that one reading is misread or taken at a wrong place (common practice, no source: one in thirty to fifty). */
export const SLIP_CHANCE = 1 / 45;
/** Chance that who slipped slips the same way when reading again (from memory). */
const SLIPS_TWICE = 0.03;
/** A flat battery lets a meter read too much (from memory). */
const FLAT_GAINS = [1.12, 1.22, 1.35, 1.5, 1.7];

/** One way in which things may stand. */
export interface Hypothesis {
  /** The same for all sizes of one cause, so that their chances add up. */
  readonly cause: string;
  readonly kind: CauseKind;
  /** String and place concerned; `null` where it is none. */
  readonly string: number | null;
  readonly cell: number | null;
  readonly changes: readonly Change[];
  readonly prior: number;
  /** Number of the reading that went wrong by itself; `null` for none. */
  readonly slip: number | null;
  readonly load: 'right' | 'reversed' | 'broken';
  readonly meter: MeterState;
  readonly reversedString: number | null;
  /** The single causes that a pair is made of. */
  readonly parts: readonly Hypothesis[];
}

/** Sizes of faults that are tried: even steps over the decades met in class (from memory). */
const DRY_FACTORS = steps(6, 55, 9);
/** A corroded clip, ohms, and how many times a cell’s own resistance it may be. */
const MOST_CONTACT = { ohms: 40_000, share: 60 } as const;
const LEAST_CONTACT_SHARE = 3.5;
/** Two sizes of a contact differ by this factor. */
const CONTACT_STEP = 1.5;
const RIM_OHMS = steps(400, 6_000, 8);
const DRIP_OHMS = steps(800, 9_000, 7);
const DRIP_SPANS = [2, 3] as const;
const SHORTED_OHMS = steps(0.3, 60, 6);
/** A clip or lead lying across both metals, ohms (from memory). */
export const BRIDGE_OHMS = 0.3;

/** Nothing is wrong. */
export const NO_FAULT: Hypothesis = {
  cause: 'none',
  kind: 'none',
  string: null,
  cell: null,
  changes: [],
  prior: 1 - ANY_FAULT_CHANCE,
  slip: null,
  load: 'right',
  meter: RIGHT_METER,
  reversedString: null,
  parts: [],
};

export interface CauseInput {
  /** The battery as it is meant: strings of places. */
  readonly strings: readonly (readonly SpecItem[])[];
  /** Wet rims and drips happen in piles only. */
  readonly pile: boolean;
  /** Pairs can share a body only where the body is one piece that holds several. */
  readonly bodies: boolean;
  /** Whether anything was read with the strings joined. */
  readonly joined: boolean;
  /** Strings that were measured or stand; others are left out. */
  readonly concerned: readonly number[];
  readonly isPolarised: boolean;
  /** Numbers of the readings that a slip of the meter could have spoilt: what eyes see does not slip. */
  readonly readings: readonly number[];
  /** Those among them that were read twice and agreed. */
  readonly confirmed?: readonly number[];
  readonly expected?: ExpectedFaults;
}

/** What is known beforehand where somebody hid a fault on purpose. */
export interface ExpectedFaults {
  readonly anyFaultChance: number;
  /** Nothing else is hidden; all of them equally often. */
  readonly kinds: readonly CauseKind[];
}

/** Every single cause, with its chance before anything was read. */
export function singleCauses(input: CauseInput): Hypothesis[] {
  const weighed: Hypothesis[] = [];
  const add = (
    kind: Faulty,
    share: number,
    rest: Partial<Hypothesis> & { readonly cause: string },
  ): void => {
    weighed.push({ ...NO_FAULT, kind, prior: CAUSE_WEIGHTS[kind] * share, ...rest });
  };
  const cells = input.concerned.flatMap((string) =>
    (input.strings[string - 1] ?? []).flatMap((item, index) => placesOf(item, string, index + 1)),
  );
  for (const place of cells) {
    const at = (kind: Faulty, faults: readonly CellFault[][], sharesNext = false): void => {
      for (const one of faults) {
        add(kind, 1 / cells.length / faults.length, {
          cause: `${kind} ${place.string} ${place.cell} ${place.inner?.join('.') ?? ''}`,
          string: place.string,
          cell: place.cell,
          changes: [{ ...place, faults: one, sharesNext }],
        });
      }
    };
    const { cellOhms } = place;
    at('reversed', [[{ kind: 'reversed' }]]);
    at('open', [[{ kind: 'open' }]]);
    at(
      'dry',
      DRY_FACTORS.map((factor) => [{ kind: 'dry', factor }]),
    );
    at('same-metal', [[{ kind: 'same-metal' }]]);
    at(
      'shorted',
      SHORTED_OHMS.map((ohms) => [{ kind: 'shorted', ohms: Math.min(ohms, cellOhms / 10) }]),
    );
    at('bridged', [[{ kind: 'rim-leak', ohms: Math.min(BRIDGE_OHMS, cellOhms / 10) }]]);
    // A joint that adds less does no harm that could be told from scatter.
    const least = LEAST_CONTACT_SHARE * cellOhms;
    const most = Math.max(MOST_CONTACT.ohms, MOST_CONTACT.share * cellOhms);
    const count = Math.ceil(Math.log(most / least) / Math.log(CONTACT_STEP));
    at(
      'poor-contact',
      steps(least, most, count + 1).map((ohms) => [{ kind: 'poor-contact', ohms }]),
    );
    if (input.pile) {
      at(
        'rim-leak',
        RIM_OHMS.map((ohms) => [{ kind: 'rim-leak', ohms }]),
      );
      const room = (input.strings[place.string - 1]?.length ?? 0) - place.cell + 1;
      at(
        'drip',
        DRIP_SPANS.filter((over) => over <= room).flatMap((over) =>
          DRIP_OHMS.map((ohms): CellFault[] => [{ kind: 'drip', over, ohms }]),
        ),
      );
    }
    if (input.bodies && place.inner === null && place.hasNext) at('shared-body', [[]], true);
  }
  if (input.joined) {
    if (input.strings.length > 1) {
      for (const string of input.concerned) {
        add('string-reversed', 1 / input.concerned.length, {
          cause: `string-reversed ${string}`,
          string,
          reversedString: string,
        });
      }
    }
    if (input.isPolarised) {
      add('load-reversed', 1, { cause: 'load-reversed', load: 'reversed' });
    }
    add('load-broken', 1, { cause: 'load-broken', load: 'broken' });
  }
  const meters: readonly [Faulty, Partial<MeterState>[]][] = [
    ['no-milliamps', [{ noAmps: true }]],
    ['no-volts', [{ noVolts: true }]],
    ['leads-swapped', [{ gain: -1 }]],
    ['flat-meter', FLAT_GAINS.map((gain) => ({ gain }))],
  ];
  for (const [kind, states] of meters) {
    for (const state of states) {
      add(kind, 1 / states.length, { cause: kind, meter: { ...RIGHT_METER, ...state } });
    }
  }
  const { expected } = input;
  const anyFault = expected?.anyFaultChance ?? ANY_FAULT_CHANCE;
  const possible =
    expected === undefined
      ? weighed
      : weighed
          .filter(({ kind }) => expected.kinds.includes(kind))
          .map((one) => ({ ...one, prior: one.prior / CAUSE_WEIGHTS[one.kind as Faulty] }));
  const total = possible.reduce((sum, { prior }) => sum + prior, 0);
  const faulty = possible.map((one) => ({ ...one, prior: (anyFault * one.prior) / total }));
  // Who was told what is hidden reads with care.
  const slips =
    expected !== undefined
      ? []
      : input.readings.map((slip): Hypothesis => ({
          ...NO_FAULT,
          kind: 'slip',
          cause: `slip ${slip}`,
          slip,
          prior: SLIP_CHANCE * (input.confirmed?.includes(slip) === true ? SLIPS_TWICE : 1),
        }));
  const slipped = slips.reduce((sum, { prior }) => sum + prior, 0);
  const share = 1 / (1 + slipped);
  return [{ ...NO_FAULT, prior: 1 - anyFault }, ...faulty, ...slips].map((one) => ({
    ...one,
    prior: one.prior * share,
  }));
}

/** Two causes at once, in different places; one of them may be a reading that went wrong by itself. */
export function pairOf(first: Hypothesis, second: Hypothesis): Hypothesis | null {
  if (first.kind === 'none' || second.kind === 'none' || first.cause === second.cause) return null;
  if (first.slip !== null && second.slip !== null) return null;
  if (first.meter !== RIGHT_METER && second.meter !== RIGHT_METER) return null;
  const cells = first.cell !== null && second.cell !== null;
  if (cells && first.string === second.string && first.cell === second.cell) return null;
  if (first.load !== 'right' && second.load !== 'right') return null;
  return {
    ...NO_FAULT,
    cause: [first.cause, second.cause].sort().join(' + '),
    kind: 'pair',
    string: first.string ?? second.string,
    cell: first.cell ?? second.cell,
    changes: [...first.changes, ...second.changes],
    prior: first.prior * second.prior,
    load: first.load === 'right' ? second.load : first.load,
    meter: first.meter === RIGHT_METER ? second.meter : first.meter,
    slip: first.slip ?? second.slip,
    reversedString: first.reversedString ?? second.reversedString,
    parts: [first, second],
  };
}

/** A string with what a hypothesis does to it. */
export function changedString(
  items: readonly SpecItem[],
  string: number,
  { changes }: Hypothesis,
): readonly SpecItem[] {
  const own = changes.filter((change) => change.string === string);
  if (own.length === 0) return items;
  return items.map((item, index) => {
    const at = own.filter(
      ({ cell, sharesNext }) => cell === index + 1 || (sharesNext && cell === index),
    );
    return at.reduce((changed, change) => changedItem(changed, change), item);
  });
}

function changedItem(item: SpecItem, { inner, faults, sharesNext, cell }: Change): SpecItem {
  const withFaults = (one: SpecCell): SpecCell => ({
    ...one,
    faults: [...one.faults, ...faults],
    body: sharesNext ? `one body from cell ${cell}` : one.body,
  });
  if (!('strings' in item)) return withFaults(item);
  if (inner === null) return item;
  const [string, place] = inner;
  return {
    strings: item.strings.map((items, row) =>
      items.map((one, column) =>
        row === string && column === place && !('strings' in one) ? withFaults(one) : one,
      ),
    ),
  };
}

interface Place extends Pick<Change, 'string' | 'cell' | 'inner'> {
  readonly cellOhms: number;
  readonly hasNext: boolean;
}

function placesOf(item: SpecItem, string: number, cell: number): Place[] {
  if (!('strings' in item)) {
    return [{ string, cell, inner: null, cellOhms: chordOhms(item.cell), hasNext: true }];
  }
  return item.strings.flatMap((items, row) =>
    items.flatMap((one, column): Place[] =>
      'strings' in one
        ? []
        : [
            {
              string,
              cell,
              inner: [row, column],
              cellOhms: chordOhms(one.cell),
              hasNext: false,
            },
          ],
    ),
  );
}

/** How a place is called: “cell 3”, or “string 1 cell 3, string 2 cell 1” within a group. */
export function placeOfCause({ string, cell, changes }: Hypothesis): string {
  const inner = changes[0]?.inner ?? null;
  if (string === null || cell === null) return '';
  if (inner === null) return `cell ${cell}`;
  return placeName(inner[0] + 1, inner[1] + 1, `group ${cell}`);
}

function steps(least: number, most: number, count: number): number[] {
  return Array.from(
    { length: count },
    (_, index) => least * (most / least) ** (index / (count - 1)),
  );
}
