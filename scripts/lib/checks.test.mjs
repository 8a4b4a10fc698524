import { checksIn, originInTitle, pageOf, rowsOf } from './checks.mjs';

const TEXT = `
/**
 * @check volts of a pile
 * @origin library: ngspice
 * @tolerance 1e-4 of
 *   each voltage
 */
test.each([1, 2])('a pile of %d', () => {});

test('sugar dissolves (CRC Handbook, from memory)', () => {});
test('buttons are blue', () => {});
`;
const passing = (title, line, status = 'passed') => ({ title, status, location: { line } });
const RESULTS = [
  {
    name: 'pile.test.ts',
    assertionResults: [
      passing('a pile of 1', 8),
      passing('a pile of 2', 8, 'failed'),
      passing('sugar dissolves (CRC Handbook, from memory)', 10),
      passing('buttons are blue', 11),
    ],
  },
];

test('a check stands for the test that follows, in all its cases', () => {
  const [pile, sugar, ...others] = rowsOf(RESULTS, () => TEXT);
  expect(pile).toMatchObject({
    check: 'volts of a pile',
    kind: 'library',
    origin: 'ngspice',
    tolerance: '1e-4 of each voltage',
    tests: 2,
    failed: 1,
  });
  expect(sugar).toMatchObject({ check: 'sugar dissolves', kind: 'memory', tests: 1, failed: 0 });
  expect(others).toEqual([]);
});

test('a check may stand for all that follow in its file', () => {
  const [row] = rowsOf(RESULTS, () => TEXT.replace('@check', '@covers rest @check'));
  expect(row).toMatchObject({ tests: 4, failed: 1 });
});

test('what is left out, or stands before no test, is named with its place', () => {
  expect(() => checksIn(TEXT.replace('@origin library: ngspice', ''), 'pile.test.ts')).toThrow(
    /pile\.test\.ts:8: a check needs/,
  );
  expect(() => checksIn(TEXT.replace('library:', 'hearsay:'))).toThrow('one of these kinds');
  expect(() => rowsOf([{ name: 'pile.test.ts', assertionResults: [] }], () => TEXT)).toThrow(
    'no test follows',
  );
});

test.each([
  ['coins stick (common practice, no source)', 'common practice', 'coins stick'],
  ['t = 4.303 (table of Student’s t)', 'published', 't = 4.303'],
  ['decay to 1e-9 (closed form), and it stops', 'closed form', 'decay to 1e-9, and it stops'],
])('the origin in the title “%s”', (title, kind, check) => {
  expect(originInTitle(title)).toMatchObject({ kind, check });
});

test('the page says what holds and what does not', () => {
  const page = pageOf(rowsOf(RESULTS, () => TEXT));
  expect(page).toContain(
    '| volts of a pile | ngspice | 1e-4 of each voltage | [2](../pile.test.ts) | **1 of 2 failed** |',
  );
  expect(page).toContain('| sugar dissolves | CRC Handbook, from memory | as its words say |');
  expect(page).toContain('| holds |');
});
