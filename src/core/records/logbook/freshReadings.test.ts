import { freshReadings } from './freshReadings';
import type { LogLine } from './logEntry';
import { readingEntry } from './readingEntry';
import { columnsOfFile, readResults, resultsCsv } from './resultsCsv';

const NOW = '2027-01-30T09:00:00.000Z';
const line = (seq: number, group: string, value: number, struck = false): LogLine => ({
  seq,
  entryId: `r${seq}`,
  revision: 1,
  group,
  entry: readingEntry(
    { kind: 'volts', string: 1, from: 1, to: 1, built: 1 },
    value,
    `2027-01-29T14:0${seq}:00.000Z`,
  ),
  struck,
  author: 'group',
  at: seq,
});
const readingsIn = (csv: string) => {
  const columns = columnsOfFile(csv);
  if (!columns.ok) throw new Error('no columns');
  const rows = readResults(csv, columns.value.mapping, NOW);
  return rows.ok ? rows.value.flatMap(({ reading }) => reading ?? []) : [];
};

test('one’s own file again adds nothing', () => {
  const lines = [line(1, 'Knot', 0.91), line(2, 'Tern', 0.88), line(3, 'Knot', 0.92)];
  const read = readingsIn(resultsCsv(lines));
  expect(read).toHaveLength(3);
  expect(freshReadings(lines, read, NOW)).toEqual([]);
  expect(freshReadings(lines.slice(0, 1), read, NOW)).toHaveLength(2);
});

test('rows without a time are known by group, measurement and value; twice in a file is once', () => {
  const csv = 'group,value,unit\nKnot,0.91,V\nKnot,0.95,V\nKnot,0.95,V\n';
  const fresh = freshReadings([line(1, 'Knot', 0.91)], readingsIn(csv), NOW);
  expect(fresh.map(({ entry }) => entry.value)).toEqual([0.95]);
});

test('what was taken out can be taken in again', () => {
  const read = readingsIn(resultsCsv([line(1, 'Knot', 0.91)]));
  expect(freshReadings([line(1, 'Knot', 0.91, true)], read, NOW)).toHaveLength(1);
});
