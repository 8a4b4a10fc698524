import { z } from 'zod';
import { issuesOfZod } from './issuesOfZod';

const schema = z.strictObject({
  load: z.union([
    z.strictObject({ led: z.string() }),
    z.strictObject({ resistor: z.strictObject({ ohms: z.number().positive() }) }),
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
