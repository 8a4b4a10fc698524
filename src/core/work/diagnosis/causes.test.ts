import { sound } from '@/testing/core/diagnosisBattery';
import { placeName } from '../../physics/circuit/faults/batteryNetwork';
import {
  CAUSE_WEIGHTS,
  changedString,
  NO_FAULT,
  pairOf,
  placeOfCause,
  type Hypothesis,
} from './causes';
import { singleCauses, type CauseInput } from './possibleCauses';

const PILE: CauseInput = {
  strings: [Array.from({ length: 4 }, sound), Array.from({ length: 3 }, sound)],
  pile: true,
  bodies: false,
  joined: false,
  concerned: [1, 2],
  isPolarised: true,
  readings: [1, 2],
};

/** Places of a kind of cause, each once: `string.cell`, with what a drip runs over. */
function placesOf(causes: readonly Hypothesis[], kind: Hypothesis['kind']): string[] {
  const places = causes
    .filter((one) => one.kind === kind)
    .map(({ string, cell, changes }) => {
      const fault = changes.flatMap((change) => change.faults).find((one) => one.kind === kind);
      return `${string}.${cell}${fault?.kind === 'drip' ? ` over ${fault.over}` : ''}`;
    });
  return [...new Set(places)].sort();
}

test('a drip runs over two or three cells of one string, and never beyond its top', () => {
  expect(placesOf(singleCauses(PILE), 'drip')).toEqual([
    '1.1 over 2',
    '1.1 over 3',
    '1.2 over 2',
    '1.2 over 3',
    '1.3 over 2',
    '2.1 over 2',
    '2.1 over 3',
    '2.2 over 2',
  ]);
});

test('rims and drips are looked for in piles only, at every cell of the strings that are concerned', () => {
  const all = singleCauses(PILE);
  expect(placesOf(all, 'rim-leak')).toEqual(['1.1', '1.2', '1.3', '1.4', '2.1', '2.2', '2.3']);
  expect(placesOf(singleCauses({ ...PILE, concerned: [2] }), 'rim-leak')).toEqual([
    '2.1',
    '2.2',
    '2.3',
  ]);
  const fruit = singleCauses({ ...PILE, pile: false });
  expect(placesOf(fruit, 'rim-leak')).toEqual([]);
  expect(placesOf(fruit, 'drip')).toEqual([]);
  expect(placesOf(fruit, 'dry')).toHaveLength(7);
});

test('each cause has a chance, and together they are less likely than that nothing is wrong', () => {
  const all = singleCauses(PILE);
  for (const { prior } of all) expect(prior).toBeGreaterThan(0);
  const faults = all.filter(({ kind }) => kind !== 'none');
  expect(faults.reduce((sum, { prior }) => sum + prior, 0)).toBeLessThan(NO_FAULT.prior);
});

test('two causes at once: at two places or one of them elsewhere, never two at one cell', () => {
  const all = singleCauses(PILE);
  const find = (kind: Hypothesis['kind'], string: number, cell: number): Hypothesis => {
    const found = all.find(
      (one) => one.kind === kind && one.string === string && one.cell === cell,
    );
    if (found === undefined) throw new Error(`no ${kind} at ${string}.${cell}`);
    return found;
  };
  const dry = find('dry', 1, 2);
  const leak = find('rim-leak', 2, 1);
  const pair = pairOf(dry, leak);
  expect(pair).toMatchObject({ kind: 'pair', string: 1, cell: 2 });
  expect(pair?.prior).toBeCloseTo(dry.prior * leak.prior, 15);
  expect(pair?.changes).toEqual([...dry.changes, ...leak.changes]);
  expect(pairOf(leak, dry)?.cause).toBe(pair?.cause);
  expect(pairOf(dry, find('rim-leak', 1, 2))).toBeNull();
  expect(pairOf(dry, NO_FAULT)).toBeNull();
  expect(pairOf(dry, dry)).toBeNull();
});

const sumOf = (causes: readonly Hypothesis[], kind: Hypothesis['kind']): number =>
  causes.filter((one) => one.kind === kind).reduce((sum, { prior }) => sum + prior, 0);

test('the chances of all causes are one together; each kind is as likely as its weight says, however many sizes it has', () => {
  const all = singleCauses({ ...PILE, joined: true });
  expect(all.reduce((sum, { prior }) => sum + prior, 0)).toBeCloseTo(1, 12);
  const open = sumOf(all, 'open');
  for (const kind of [
    'dry',
    'poor-contact',
    'shorted',
    'rim-leak',
    'flat-meter',
    'string-reversed',
    'load-broken',
  ] as const) {
    expect(sumOf(all, kind) / open).toBeCloseTo(CAUSE_WEIGHTS[kind] / CAUSE_WEIGHTS.open, 9);
  }
  // A drip needs a cell above: the topmost place of a string has none, and its share is left out.
  expect(sumOf(all, 'drip') / open).toBeLessThan(CAUSE_WEIGHTS.drip / CAUSE_WEIGHTS.open);
});

test('a reading that was taken twice is hardly a slip', () => {
  const slips = singleCauses({ ...PILE, confirmed: [2] }).filter(({ kind }) => kind === 'slip');
  expect(slips.map(({ slip }) => slip)).toEqual([1, 2]);
  expect(slips[1]!.prior).toBeLessThan(0.05 * slips[0]!.prior);
});

test('where a fault was hidden on purpose only such faults are thought of, all equally, and nobody slips', () => {
  const kinds = ['dry', 'open', 'flat-meter'] as const;
  const all = singleCauses({ ...PILE, expected: { anyFaultChance: 0.9, kinds } });
  expect(sumOf(all, 'none')).toBeCloseTo(0.1, 12);
  for (const kind of kinds) expect(sumOf(all, kind)).toBeCloseTo(0.3, 12);
  expect(new Set(all.map(({ kind }) => kind))).toEqual(new Set(['none', ...kinds]));
});

test('what needs the strings joined is thought of once they are; an LED alone can be the wrong way round', () => {
  const kindsOf = (input: CauseInput) => new Set(singleCauses(input).map(({ kind }) => kind));
  const apart = kindsOf(PILE);
  for (const kind of ['string-reversed', 'load-reversed', 'load-broken'] as const) {
    expect(apart.has(kind)).toBe(false);
  }
  const joined = kindsOf({ ...PILE, joined: true, isPolarised: false });
  expect(joined.has('string-reversed')).toBe(true);
  expect(joined.has('load-broken')).toBe(true);
  expect(joined.has('load-reversed')).toBe(false);
  const [only] = PILE.strings;
  const one = { ...PILE, joined: true, strings: [only ?? []], concerned: [1] };
  expect(kindsOf(one).has('string-reversed')).toBe(false);
  expect(kindsOf(one).has('load-reversed')).toBe(true);
});

test('pairs share a body where bodies hold several, and never within a group', () => {
  const fruit = { ...PILE, pile: false, bodies: true };
  expect(placesOf(singleCauses(fruit), 'shared-body')).toContain('1.1');
  expect(placesOf(singleCauses(PILE), 'shared-body')).toEqual([]);
  const group = { strings: [[sound()], [sound()]] };
  const grouped = singleCauses({ ...fruit, strings: [[group, sound(), sound()]], concerned: [1] });
  expect(placesOf(grouped, 'shared-body')).toEqual(['1.2']);
  // Each cell of the group may be dry by itself.
  const dry = grouped.filter(({ kind }) => kind === 'dry');
  expect(new Set(dry.map(({ cause }) => cause)).size).toBe(4);
  const inner = dry.find(({ changes }) => changes[0]?.inner?.[0] === 1);
  if (inner === undefined) throw new Error('no cell of the group');
  expect(placeOfCause(inner)).toBe(placeName(2, 1, 'group 1'));
  const [changed] = changedString([group, sound()], 1, inner);
  expect(changed).toMatchObject({
    strings: [[{ faults: [] }], [{ faults: [{ kind: 'dry' }] }]],
  });
});

test('a cause changes its own string only; one body holds a cell and the next', () => {
  const items = Array.from({ length: 3 }, sound);
  const shared = singleCauses({ ...PILE, pile: false, bodies: true }).find(
    ({ kind, string, cell }) => kind === 'shared-body' && string === 1 && cell === 2,
  );
  if (shared === undefined) throw new Error('no shared body');
  expect(placeOfCause(shared)).toBe('cell 2');
  expect(placeOfCause(NO_FAULT)).toBe('');
  expect(changedString(items, 2, shared)).toBe(items);
  const bodies = changedString(items, 1, shared).map((item) =>
    'strings' in item ? null : item.body,
  );
  expect(bodies).toEqual([null, 'one body from cell 2', 'one body from cell 2']);
});

test('a lead lies between two cells; beyond the last of them only where strings are joined', () => {
  const between = ['1.1', '1.2', '1.3', '2.1', '2.2'];
  expect(placesOf(singleCauses(PILE), 'open')).toEqual(between);
  expect(placesOf(singleCauses({ ...PILE, joined: true }), 'poor-contact')).toEqual(
    [...between, '1.4', '2.3'].sort(),
  );
  const [only] = PILE.strings;
  const one = { ...PILE, joined: true, strings: [only ?? []], concerned: [1] };
  expect(placesOf(singleCauses(one), 'open')).toEqual(['1.1', '1.2', '1.3']);
  // There the leads of the device begin, which have causes of their own.
  expect(singleCauses(one).some(({ kind }) => kind === 'load-off')).toBe(true);
  expect(singleCauses(PILE).some(({ kind }) => kind === 'load-off')).toBe(false);
});

test('a pair has one meter, one device and one slip at most, and keeps what each of the two does', () => {
  const all = singleCauses({ ...PILE, joined: true });
  const of = (kind: Hypothesis['kind'], nth = 0): Hypothesis => {
    const found = all.filter((one) => one.kind === kind)[nth];
    if (found === undefined) throw new Error(`no ${kind}`);
    return found;
  };
  expect(pairOf(of('slip'), of('slip', 1))).toBeNull();
  expect(pairOf(of('flat-meter'), of('leads-swapped'))).toBeNull();
  expect(pairOf(of('load-reversed'), of('load-broken'))).toBeNull();
  const both = pairOf(of('load-broken'), of('flat-meter'));
  expect(both).toMatchObject({
    load: { state: 'broken' },
    meter: of('flat-meter').meter,
    slip: null,
  });
  expect(pairOf(of('flat-meter'), of('load-broken'))).toMatchObject({
    load: { state: 'broken' },
    meter: of('flat-meter').meter,
  });
  expect(pairOf(of('dry'), of('slip'))).toMatchObject({ slip: 1, cell: of('dry').cell });
  expect(pairOf(of('slip'), of('string-reversed'))).toMatchObject({
    reversedString: 1,
    string: 1,
  });
  // One place of two strings is two places.
  const first = all.find(({ kind, string, cell }) => kind === 'dry' && string === 1 && cell === 1);
  const second = all.find(
    ({ kind, string, cell }) => kind === 'open' && string === 2 && cell === 1,
  );
  expect(first && second && pairOf(first, second)).toMatchObject({ kind: 'pair' });
});
