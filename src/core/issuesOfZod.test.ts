import * as z from 'zod/mini';
import { issuesOfZod } from './issuesOfZod';

const schema = z.strictObject({
  load: z.union([
    z.strictObject({ led: z.string() }),
    z.strictObject({ resistor: z.strictObject({ ohms: z.number().check(z.positive()) }) }),
  ]),
});
const faults = (input: unknown) => {
  const parsed = schema.safeParse(input);
  return parsed.success ? [] : issuesOfZod(parsed.error).map(({ path }) => path.join('.'));
};

test('where something can be of several kinds, the fault of the nearest is named at its place', () => {
  expect(faults({ load: { resistor: { ohms: -1 } } })).toEqual(['load.resistor.ohms']);
  expect(faults({ load: { resistor: {} } })).toEqual(['load.resistor.ohms']);
  expect(faults({ load: { led: 3 } })).toEqual(['load.led']);
});

test('what is like none of them is named as a whole; strange fields by their names', () => {
  expect(faults({ load: 3 })).toEqual(['load']);
  expect(faults({ load: { led: 'red' }, more: 1 })).toEqual(['more']);
});

test.each<[z.ZodMiniType, unknown, string]>([
  [z.number(), undefined, 'This is missing.'],
  [z.number(), 'three', 'This must be a number.'],
  [z.int(), 2.5, 'This must be a whole number.'],
  [z.strictObject({}), null, 'This must be an object with fields.'],
  [z.literal(3), 4, 'This must be 3.'],
  [z.enum(['apple', 'pear']), 'plum', 'This must be "apple" or "pear".'],
  [z.string().check(z.minLength(1)), '', 'Give at least 1 character.'],
  [z.string().check(z.maxLength(2)), 'abc', 'Use at most 2 characters.'],
  [z.array(z.number()).check(z.maxLength(1)), [1, 2], 'Give at most 1 entry.'],
  [z.number().check(z.positive()), 0, 'Give more than 0.'],
  [z.number().check(z.maximum(5)), 6, 'Give at most 5.'],
  [z.uuid(), 'x', 'This is not written as it should be.'],
  [z.union([z.number(), z.boolean()]), 'x', 'This cannot be used here.'],
])('a schema without words of its own is broken in plain ones: %#', (schemaOf, input, words) => {
  const { error } = schemaOf.safeParse(input);
  expect(error?.issues.map(({ message }) => message)).toEqual([words]);
});
