import type { CellFault, SpecCell, SpecItem } from '../../physics/circuit/faults/batterySpec';
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
  bridged: 0.04,
  'bridged-two': 0.012,
  'same-metal': 0.05,
  'rim-leak': 0.08,
  drip: 0.04,
  'shared-body': 0.04,
  'string-reversed': 0.04,
  'load-reversed': 0.12,
  'load-broken': 0.03,
  'load-off': 0.06,
  'load-poor': 0.05,
  'load-shorted': 0.015,
  'load-misplaced': 0.03,
  'no-milliamps': 0.03,
  'no-volts': 0.03,
  'leads-swapped': 0.03,
  'flat-meter': 0.01,
} as const;
export type Faulty = keyof typeof CAUSE_WEIGHTS;
export type CauseKind = Faulty | 'slip' | 'none' | 'pair' | 'unexplained';

/** How likely anything at all is wrong before the first reading (common practice, no source). */
export const ANY_FAULT_CHANCE = 0.2;
/** Readings that nothing in the list explains: rare, but never impossible. */
export const UNEXPLAINED_CHANCE = 1e-4;

/** What is done to one place of one string. */
export interface Change {
  readonly string: number;
  /** Place in its string, from 1. */
  readonly cell: number;
  /** Cell within a group that stands there: its string and place; `null` where the place is a cell. */
  readonly inner: readonly [number, number] | null;
  readonly faults: readonly CellFault[];
  /** Sticks in one body with the cell after it. */
  readonly sharesNext: boolean;
  /** Turned round, and the probes follow its metals: the red one stands on its + metal, where the string comes from. */
  readonly probedByMetal?: boolean;
}

/** How the device and its leads are. */
export interface LoadState {
  /** `off`: one of its leads has no contact; `shorted`: its legs or leads touch. */
  readonly state: 'right' | 'reversed' | 'broken' | 'off' | 'shorted';
  /** What a poor contact in its leads adds, ohms. */
  readonly leadOhms: number;
  /** Its leads sit on the ends of so many cells only. */
  readonly places: number | null;
}

export const RIGHT_LOAD: LoadState = { state: 'right', leadOhms: 0, places: null };

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
  readonly load: LoadState;
  readonly meter: MeterState;
  readonly reversedString: number | null;
  /** The single causes that a pair is made of. */
  readonly parts: readonly Hypothesis[];
}

/** Nothing is wrong. */
export const NO_FAULT: Hypothesis = {
  cause: 'none',
  kind: 'none',
  string: null,
  cell: null,
  changes: [],
  prior: 1 - ANY_FAULT_CHANCE,
  slip: null,
  load: RIGHT_LOAD,
  meter: RIGHT_METER,
  reversedString: null,
  parts: [],
};

/** Two causes at once, in different places; one of them may be a reading that went wrong by itself. */
export function pairOf(first: Hypothesis, second: Hypothesis): Hypothesis | null {
  if (first.kind === 'none' || second.kind === 'none' || first.cause === second.cause) return null;
  if (first.slip !== null && second.slip !== null) return null;
  if (first.meter !== RIGHT_METER && second.meter !== RIGHT_METER) return null;
  const cells = first.cell !== null && second.cell !== null;
  const oneOfLead = isOfLead(first) !== isOfLead(second);
  if (cells && !oneOfLead && first.string === second.string && first.cell === second.cell) {
    return null;
  }
  if (first.load !== RIGHT_LOAD && second.load !== RIGHT_LOAD) return null;
  return {
    ...NO_FAULT,
    cause: [first.cause, second.cause].sort().join(' + '),
    kind: 'pair',
    string: first.string ?? second.string,
    cell: first.cell ?? second.cell,
    changes: [...first.changes, ...second.changes],
    prior: first.prior * second.prior,
    load: first.load === RIGHT_LOAD ? second.load : first.load,
    meter: first.meter === RIGHT_METER ? second.meter : first.meter,
    slip: first.slip ?? second.slip,
    reversedString: first.reversedString ?? second.reversedString,
    parts: [first, second],
  };
}

/** Whether a lead is meant, the one from the + metal of its cell, and not the cell. */
export function isOfLead({ kind }: Pick<Hypothesis, 'kind'>): boolean {
  return kind === 'open' || kind === 'poor-contact';
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
  if (inner === null) {
    const leadOhms = faults.reduce(
      (sum, fault) =>
        sum + (fault.kind === 'open' ? Infinity : fault.kind === 'poor-contact' ? fault.ohms : 0),
      item.leadOhms ?? 0,
    );
    return { ...item, leadOhms };
  }
  const [string, place] = inner;
  return {
    ...item,
    strings: item.strings.map((items, row) =>
      items.map((one, column) =>
        row === string && column === place && !('strings' in one) ? withFaults(one) : one,
      ),
    ),
  };
}

/** How a place is called: “cell 3”, or “string 1 cell 3, string 2 cell 1” within a group. */
export function placeOfCause({ string, cell, changes }: Hypothesis): string {
  const inner = changes[0]?.inner ?? null;
  if (string === null || cell === null) return '';
  if (inner === null) return `cell ${cell}`;
  return placeName(inner[0] + 1, inner[1] + 1, `group ${cell}`);
}
