import fc from 'fast-check';
import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import {
  FAIR_TEST_DOCUMENT,
  MAX_VARIANTS,
  type FairTest,
} from '@/core/records/fairTest/fairTestSchema';
import { readingOf, withoutVariant, withReading, withRepeats, withVariant } from './fairTestEdits';

const { test: plants } = DEMO_FAIR_TEST;
const isValid = (one: FairTest): boolean =>
  FAIR_TEST_DOCUMENT.parse(JSON.parse(JSON.stringify(one))).ok;
const KIWI = { variant: 'kiwi', repeat: 2 };

test('a part of a reading is changed, the rest of it stays', () => {
  const before = readingOf(plants, KIWI)!;
  const after = withReading(plants, KIWI, { volts: 0.5 });
  expect(readingOf(after, KIWI)).toEqual({ ...before, volts: 0.5 });
  expect(after.readings).toHaveLength(plants.readings.length);
});

test('a reading with nothing in it is no reading', () => {
  const emptied = withReading(plants, KIWI, { volts: null, amps: null, changed: [] });
  expect(readingOf(emptied, KIWI)).toBeNull();
  expect(withReading(emptied, KIWI, { volts: null })).toEqual(emptied);
  expect(readingOf(withReading(emptied, KIWI, { amps: 1e-3 }), KIWI)).toMatchObject({
    volts: null,
    amps: 1e-3,
  });
});

test('what was read of a variant goes with it, and of rounds that fall away', () => {
  const without = withoutVariant(plants, 'kiwi');
  expect(without.variants.some(({ id }) => id === 'kiwi')).toBe(false);
  expect(without.readings.some(({ variant }) => variant === 'kiwi')).toBe(false);
  expect(without.readings).toHaveLength(plants.readings.length - 3);
  const two = withRepeats(plants, 2);
  expect(two.readings.every(({ repeat }) => repeat <= 2)).toBe(true);
  expect(two.readings).toHaveLength((plants.readings.length * 2) / 3);
  expect(withRepeats(two, 3).readings).toHaveLength(two.readings.length);
});

test('whatever is done in whatever order, the test stays one that can be stored', () => {
  const edit = fc.oneof(
    fc.record({
      kind: fc.constant('add' as const),
      name: fc.string({ minLength: 1, maxLength: 9 }),
    }),
    fc.record({ kind: fc.constant('take' as const), at: fc.nat(8) }),
    fc.record({ kind: fc.constant('rounds' as const), repeats: fc.integer({ min: 1, max: 5 }) }),
    fc.record({
      kind: fc.constant('read' as const),
      at: fc.nat(8),
      volts: fc.double({ min: 0, max: 2, noNaN: true }),
    }),
  );
  fc.assert(
    fc.property(fc.array(edit, { maxLength: 12 }), (edits) => {
      const end = edits.reduce<FairTest>((before, one, index) => {
        const at =
          'at' in one ? before.variants[one.at % Math.max(1, before.variants.length)] : undefined;
        switch (one.kind) {
          case 'add': {
            // As the page does: a thirteenth is refused.
            const added = withVariant(before, `${one.name.trim()}${index}`);
            return before.variants.length < MAX_VARIANTS ? added : before;
          }
          case 'take':
            return at === undefined ? before : withoutVariant(before, at.id);
          case 'rounds':
            return withRepeats(before, one.repeats);
          case 'read':
            return at === undefined
              ? before
              : withReading(before, { variant: at.id, repeat: 1 }, { volts: one.volts });
        }
      }, plants);
      return isValid(end);
    }),
    { numRuns: 40 },
  );
});
