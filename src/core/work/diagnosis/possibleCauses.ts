import type { CellFault, SpecItem } from '../../physics/circuit/faults/batterySpec';
import {
  ANY_FAULT_CHANCE,
  CAUSE_WEIGHTS,
  NO_FAULT,
  RIGHT_LOAD,
  RIGHT_METER,
  type CauseKind,
  type Change,
  type Faulty,
  type Hypothesis,
  type LoadState,
  type MeterState,
} from './causes';
import { chordOhms } from './lines';

/** Chance that one reading is misread or taken at a wrong place (common practice, no source: one in thirty to fifty). */
const SLIP_CHANCE = 1 / 45;
/** Chance that who slipped slips the same way when reading again (from memory). */
const SLIPS_TWICE = 0.03;
/** A flat battery lets a meter read too much (from memory). */
const FLAT_GAINS = [1.12, 1.22, 1.35, 1.5, 1.7];

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
/** Metals that touch take at least a third of a cell’s volts. */
const MOST_SHORTED_SHARE = 0.5;
/** A cell that was turned round is probed by its metals so often, and not at its free end (from memory). */
const BY_METAL_SHARE = 0.25;
/** A clip or lead lying across both metals, ohms (from memory). */
const BRIDGE_OHMS = steps(0.06, 0.4, 3);

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
    (input.strings[string - 1] ?? []).flatMap((item, index, all) =>
      placesOf(item, string, index + 1, index + 1 < all.length),
    ),
  );
  for (const place of cells) {
    const at = (kind: Faulty, faults: readonly CellFault[][], sharesNext = false): void => {
      for (const one of faults) {
        add(kind, 1 / cells.length / faults.length, {
          cause: causeAt(kind, place),
          string: place.string,
          cell: place.cell,
          changes: [{ ...place, faults: one, sharesNext }],
        });
      }
    };
    const { cellOhms } = place;
    // Who was told what is hidden takes the clips as they are drawn.
    for (const probedByMetal of input.expected === undefined ? [false, true] : [false]) {
      const share = probedByMetal ? BY_METAL_SHARE : 1 - BY_METAL_SHARE;
      add('reversed', share / cells.length, {
        cause: causeAt('reversed', place),
        string: place.string,
        cell: place.cell,
        changes: [{ ...place, faults: [{ kind: 'reversed' }], sharesNext: false, probedByMetal }],
      });
    }
    at(
      'dry',
      DRY_FACTORS.map((factor) => [{ kind: 'dry', factor }]),
    );
    at('same-metal', [[{ kind: 'same-metal' }]]);
    at(
      'shorted',
      SHORTED_OHMS.map((ohms) => [
        { kind: 'shorted', ohms: Math.min(ohms, MOST_SHORTED_SHARE * cellOhms) },
      ]),
    );
    const clips = BRIDGE_OHMS.map((ohms) => Math.min(ohms, cellOhms / 10));
    at(
      'bridged',
      clips.map((ohms) => [{ kind: 'rim-leak', ohms }]),
    );
    if (place.inner === null && place.hasNext) {
      at(
        'bridged-two',
        clips.map((ohms) => [{ kind: 'drip', over: 2, ohms }]),
      );
    }
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
  const leads = input.concerned.flatMap((string) => leadsOf(input, string));
  for (const lead of leads) {
    const at = (kind: 'open' | 'poor-contact', faults: readonly CellFault[]): void => {
      for (const fault of faults) {
        add(kind, 1 / leads.length / faults.length, {
          cause: causeAt(kind, lead),
          string: lead.string,
          cell: lead.cell,
          changes: [{ ...lead, faults: [fault], sharesNext: false }],
        });
      }
    };
    at('open', [{ kind: 'open' }]);
    at(
      'poor-contact',
      contactSizes(lead.cellOhms).map((ohms) => ({ kind: 'poor-contact', ohms })),
    );
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
    const ofLoad = (kind: Faulty, states: readonly Partial<LoadState>[]): void => {
      for (const state of states) {
        const load = { ...RIGHT_LOAD, ...state };
        add(kind, 1 / states.length, { cause: kind, load });
      }
    };
    if (input.isPolarised) ofLoad('load-reversed', [{ state: 'reversed' }]);
    ofLoad('load-broken', [{ state: 'broken' }]);
    ofLoad('load-off', [{ state: 'off' }]);
    ofLoad('load-shorted', [{ state: 'shorted' }]);
    const least = Math.min(...cells.map(({ cellOhms }) => cellOhms));
    ofLoad(
      'load-poor',
      contactSizes(least).map((leadOhms) => ({ leadOhms })),
    );
    const [first] = input.strings;
    if (input.strings.length === 1 && first !== undefined && first.length > 1) {
      ofLoad(
        'load-misplaced',
        [first.length - 1, first.length - 2].filter((one) => one > 0).map((places) => ({ places })),
      );
    }
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

interface Place extends Pick<Change, 'string' | 'cell' | 'inner'> {
  readonly cellOhms: number;
  readonly hasNext: boolean;
}

function placesOf(item: SpecItem, string: number, cell: number, hasNext: boolean): Place[] {
  if (!('strings' in item)) {
    return [{ string, cell, inner: null, cellOhms: chordOhms(item.cell), hasNext }];
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

/** Every lead of a string: between its places, within its groups, and where strings are joined from its last place on. */
function leadsOf({ strings, joined }: CauseInput, string: number): Place[] {
  const items = strings[string - 1] ?? [];
  return items.flatMap((item, index): Place[] => {
    const cell = index + 1;
    const hasNext = cell < items.length;
    const within = placesOf(item, string, cell, hasNext);
    const own = within.map((one) => ({ ...one, inner: null }))[0];
    const inner = within.filter((one) => one.inner !== null);
    return own !== undefined && (hasNext || (joined && strings.length > 1))
      ? [own, ...inner]
      : inner;
  });
}

/** Sizes of a poor contact; a joint that adds less does no harm that could be told from scatter. */
function contactSizes(cellOhms: number): number[] {
  const least = LEAST_CONTACT_SHARE * cellOhms;
  const most = Math.max(MOST_CONTACT.ohms, MOST_CONTACT.share * cellOhms);
  const count = Math.ceil(Math.log(most / least) / Math.log(CONTACT_STEP));
  return steps(least, most, count + 1);
}

function causeAt(kind: CauseKind, { string, cell, inner }: Place): string {
  return `${kind} ${string} ${cell} ${inner?.join('.') ?? ''}`;
}

function steps(least: number, most: number, count: number): number[] {
  return Array.from(
    { length: count },
    (_, index) => least * (most / least) ** (index / (count - 1)),
  );
}
