import { sound } from '@/testing/core/diagnosisBattery';
import { NO_FAULT, pairOf, singleCauses, type CauseInput, type Hypothesis } from './causes';

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
