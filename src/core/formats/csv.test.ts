import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { csvRows, csvText } from './csv';

const cellText = fc
  .string({ maxLength: 12 })
  .map((text) => text.trim())
  .filter((text) => !text.startsWith("'") && !/[\r\n]/.test(text));

test('what is written is read back, whatever the texts look like', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(cellText, cellText), { minLength: 1 }), (rows) => {
      const text = csvText(
        ['a', 'b', 'end'],
        rows.map(([a, b]) => [a, b, 'x']),
      );
      const back = csvRows(text);
      expect(back.ok && back.value.map(({ cells }) => [cells['a'], cells['b']])).toEqual(rows);
    }),
  );
});

/**
 * @check written tables, read elsewhere
 * @origin library: csv-parse
 * @tolerance exact
 */
test('another reader of CSV finds the same cells, whatever stands in them', () => {
  const anything = fc
    .string({ maxLength: 12, unit: 'binary' })
    .filter((text) => !/^[=+\-@\t\r']/.test(text));
  fc.assert(
    fc.property(fc.array(fc.tuple(anything, anything), { minLength: 1 }), (rows) => {
      const read = parse(
        csvText(
          ['a', 'b', 'end'],
          rows.map(([a, b]) => [a, b, 'x']),
        ),
      );
      expect(read).toEqual([['a', 'b', 'end'], ...rows.map(([a, b]) => [a, b, 'x'])]);
    }),
  );
});

/**
 * @check how a CSV file is written
 * @origin published: RFC 4180
 * @tolerance exact
 */
test('formulas are guarded, numbers are not; lines end as RFC 4180 says', () => {
  expect(
    csvText(
      ['n', 'm'],
      [
        ['=1+1', -2],
        ['@x', null],
        ['a,"b"', 0.5],
      ],
    ),
  ).toBe('n,m\r\n\'=1+1,-2\r\n\'@x,\r\n"a,""b""",0.5\r\n');
});

test('empty lines are left out and the rows keep the numbers that a spreadsheet shows', () => {
  const back = csvRows('a;b\n1;2\n\n;\n3;4\n');
  expect(back.ok && back.value.map(({ row, cells }) => [row, cells['b']])).toEqual([
    [2, '2'],
    [5, '4'],
  ]);
});

test('a row with too many cells, and an open quote, are named', () => {
  const message = (text: string): string => {
    const back = csvRows(text);
    return back.ok ? '' : (back.issues[0]?.message ?? '');
  };
  expect(message('a,b\n1,2\n1,2,3\n')).toContain('Row 3');
  expect(message('a,b\n1,2\n1,"2\n')).toContain('Row 3');
  expect(csvRows('a,b\n1\n')).toEqual({
    ok: true,
    value: [{ row: 2, cells: { a: '1' } }],
  });
});

test('a line that names the separator is no header, and counts as a row', () => {
  const back = csvRows('sep=|\r\na|b\r\n1,5|2\r\n');
  expect(back).toEqual({ ok: true, value: [{ row: 3, cells: { a: '1,5', b: '2' } }] });
  const long = csvRows('sep=,\na,b\n1,2,3\n');
  expect(long.ok ? '' : long.issues[0]?.message).toContain('Row 3');
});

test('a table that is far too long is refused in words before it is read', () => {
  const back = csvRows(`a,b\n${'1,2\n'.repeat(500_001)}`);
  expect(back.ok ? '' : back.issues[0]?.message).toMatch(/more than 2 million characters/);
});

test('a column that is there twice, and more than a class writes, are refused; columns without a name are not', () => {
  const message = (text: string): string => {
    const back = csvRows(text);
    return back.ok ? '' : (back.issues[0]?.message ?? '');
  };
  expect(message('a,b, a\n1,2,3\n')).toBe(
    'The column “a” is there twice: which one counts? Take one out.',
  );
  expect(message(`a,b\n${'1,2\n'.repeat(20_001)}`)).toContain('more than 20000 rows');
  expect(
    message(
      `${'a'
        .repeat(101)
        .split('')
        .map((name, at) => name + at)
        .join()}\n1\n`,
    ),
  ).toContain('100 columns');
  const unnamed = csvRows('a,,\n1,2,3\n');
  expect(unnamed.ok && unnamed.value[0]?.cells).toEqual({
    a: '1',
    'column 2': '2',
    'column 3': '3',
  });
});
