import fc from 'fast-check';
import { csvRows } from '../../formats/csv';
import { dataPackage } from './dataPackage';
import { foldLog, readingsOfGroup, standingOf, withLines } from './foldLog';
import {
  logEntrySchema,
  logRequestSchema,
  type LogEntry,
  type LoggedReading,
  type LogLine,
} from './logEntry';
import {
  howToMeasure,
  measurementKey,
  measurementName,
  quantityOf,
  type Measurement,
} from './measurement';
import { columnsOfFile, readResults, resultRows, resultsCsv } from './resultsCsv';
import { readingEntry } from './readingEntry';
import { entryErrorIn } from './entryErrors';

const AT = '2027-01-22T14:02:00.000Z';
const volts = (to: number): Measurement => ({ kind: 'volts', string: 1, from: 1, to, built: to });
const reading = (measurement: Measurement, value: number): LoggedReading =>
  readingEntry(measurement, value, AT);
let seq = 0;
const line = (
  group: string,
  entryId: string,
  entry: LogEntry,
  change: Partial<LogLine> = {},
): LogLine => ({
  seq: (seq += 1),
  group,
  entryId,
  revision: 1,
  entry,
  struck: false,
  author: 'teacher',
  at: 1000,
  ...change,
});

const anyMeasurement: fc.Arbitrary<Measurement> = fc.oneof(
  fc.record({
    kind: fc.constant('volts' as const),
    string: fc.integer({ min: 1, max: 4 }),
    from: fc.integer({ min: 1, max: 5 }),
    to: fc.integer({ min: 1, max: 5 }),
    built: fc.integer({ min: 5, max: 9 }),
  }),
  fc.record({
    kind: fc.constant('short' as const),
    string: fc.constant(1),
    built: fc.integer({ min: 1, max: 9 }),
  }),
  fc.record({
    kind: fc.constantFrom('cell-volts' as const, 'cell-short' as const),
    string: fc.constant(2),
    cell: fc.integer({ min: 1, max: 9 }),
  }),
  fc.constant<Measurement>({ kind: 'shorted-volts', string: 1, to: 2, built: 4 }),
  fc.constant<Measurement>({ kind: 'volts-without', string: 1, cell: 2, built: 4 }),
  fc.constantFrom<Measurement>(
    { kind: 'battery-volts' },
    { kind: 'load-volts' },
    { kind: 'load-amps' },
    { kind: 'lights', turned: false },
    { kind: 'lights', turned: true },
  ),
);

test('results go out as CSV and come back the same', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(anyMeasurement, { minLength: 1, maxLength: 12, selector: measurementKey }),
      (measurements) => {
        const lines = measurements.map((measurement, index) =>
          line(
            'Tern',
            `e${index}`,
            reading(measurement, quantityOf(measurement) === 'light' ? 1 : 0.25),
          ),
        );
        const columns = columnsOfFile(resultsCsv(lines));
        if (!columns.ok) throw new Error('no columns');
        const back = readResults(resultsCsv(lines), columns.value.mapping, AT);
        expect(back.ok && back.value.map(({ issues: faults }) => faults)).toEqual(
          lines.map(() => []),
        );
        expect(
          back.ok &&
            back.value.map(({ reading: one }) => [
              one?.group,
              one?.entry.measurement,
              one?.entry.value,
            ]),
        ).toEqual(
          lines.map(({ group, entry }) =>
            entry.kind === 'reading' ? [group, entry.measurement, entry.value] : [],
          ),
        );
      },
    ),
  );
});

test('a file keeps which meter read, and says that it is a file', () => {
  const taken = { ...reading(volts(1), 0.93), source: 'meter' as const, meter: 'ACME,BENCH' };
  const csv = resultsCsv([line('Tern', 'a', taken)]);
  const columns = columnsOfFile(csv);
  const back = columns.ok ? readResults(csv, columns.value.mapping, AT) : columns;
  expect(back.ok && back.value[0]).toMatchObject({
    reading: { entry: { meter: 'ACME,BENCH', source: 'file' } },
  });
});

test('a foreign file is mapped by its columns, and every bad row says why', () => {
  const text =
    'Team;Cells;Reading;Unit\nCurlew;1;0,94;V\nKnot;2;940 mV;\n;1;0.9;V\nTern;two;0.9;V\nTern;1;lots;V\nTern;1;1.3;mA\n';
  const columns = columnsOfFile(text);
  expect(columns.ok && columns.value.columns).toEqual(['Team', 'Cells', 'Reading', 'Unit']);
  expect(columns.ok && columns.value.mapping).toMatchObject({
    group: 'Team',
    'to cell': 'Cells',
    value: 'Reading',
    unit: 'Unit',
    range: null,
  });
  if (!columns.ok) return;
  const rows = readResults(text, columns.value.mapping, AT);
  if (!rows.ok) throw new Error('no rows');
  expect(
    rows.value.map(({ row, reading: one, issues: faults }) => [
      row,
      one?.entry.value ?? null,
      faults.map(({ path }) => path[2]),
    ]),
  ).toEqual([
    [2, 0.94, []],
    [3, 0.94, []],
    [4, null, ['Team']],
    [5, null, ['Cells']],
    [6, null, ['Reading']],
    [7, 1.3e-3, []],
  ]);
  expect(rows.value[5]?.reading?.entry.measurement).toEqual({ kind: 'short', string: 1, built: 1 });
});

test('the data package describes its tables column by column', () => {
  const lines = [
    line('Tern', 'a', reading(volts(1), 0.93)),
    line('Tern', 'b', { kind: 'note', text: '=bubbles', takenAt: AT }),
  ];
  const files = dataPackage('Lamp', 'Demo Lamp', lines);
  const descriptor = JSON.parse(files['datapackage.json'] ?? '') as {
    profile: string;
    name: string;
    resources: { name: string; path: string; schema: { fields: { name: string }[] } }[];
  };
  expect(descriptor.profile).toBe('tabular-data-package');
  expect(descriptor.name).toMatch(/^[a-z0-9._-]+$/);
  for (const { path, schema } of descriptor.resources) {
    const header = files[path]?.split('\r\n')[0]?.split(',');
    expect(schema.fields.map(({ name }) => name)).toEqual(header);
  }
  const notes = csvRows(files['notes.csv'] ?? '');
  expect(notes.ok && notes.value[0]?.cells['note']).toBe('=bubbles');
  expect(files['notes.csv']).toContain("'=bubbles");
});

test('an edit is a further line: the last stands, all are kept, a struck one counts no more', () => {
  const lines = [
    line('Tern', 'a', reading(volts(1), 1.9)),
    line('Tern', 'a', reading(volts(1), 0.93), { revision: 2 }),
    line('Tern', 'b', reading(volts(2), 1.86)),
    line('Knot', 'c', reading(volts(1), 0.9)),
  ];
  expect(readingsOfGroup(lines, 'Tern').map(({ value }) => value)).toEqual([0.93, 1.86]);
  expect(foldLog(lines)[0]?.history.map(({ revision }) => revision)).toEqual([1, 2]);
  const struck = [
    ...lines,
    line('Tern', 'b', reading(volts(2), 1.86), { revision: 2, struck: true }),
  ];
  expect(standingOf(struck, 'Tern')).toHaveLength(1);
  expect(resultRows(struck).map((row) => [row.group, row.value])).toEqual([
    ['Tern', 0.93],
    ['Knot', 0.9],
  ]);
  const putBack = [...struck, line('Tern', 'b', reading(volts(2), 1.86), { revision: 3 })];
  expect(readingsOfGroup(putBack, 'Tern')).toHaveLength(2);
});

test('a measurement taken twice counts once, the later one', () => {
  const lines = [
    line('Tern', 'a', reading(volts(1), 0.9)),
    line('Tern', 'b', reading(volts(2), 1.8)),
    line('Tern', 'c', reading(volts(1), 0.95)),
  ];
  expect(readingsOfGroup(lines, 'Tern').map(({ value }) => value)).toEqual([1.8, 0.95]);
});

test('news are merged by their number, in order, each once', () => {
  const [a, b, c] = [1, 2, 3].map((index) =>
    line('Tern', `m${index}`, reading(volts(index), index)),
  );
  if (!a || !b || !c) throw new Error('three lines');
  expect(withLines([a, c], [b, c])).toEqual([a, b, c]);
});

test.each<[string, Measurement, number, number, string | null, number | null]>([
  ['amps for milliamps', { kind: 'short', string: 1, built: 1 }, 1.3, 1.4e-3, 'unit', 1.3e-3],
  ['millivolts as volts', volts(1), 940, 0.93, 'unit', 0.94],
  ['volts as millivolts', volts(1), 0.00094, 0.93, 'unit', 0.94],
  ['probes swapped', volts(2), -1.86, 1.86, 'sign', 1.86],
  ['more than the metals give', volts(1), 1.5, 0.93, 'not-believable', null],
  ['a cell backwards is no slip', volts(2), 0.02, 1.86, null, null],
  ['a weak current is no slip', { kind: 'short', string: 1, built: 1 }, 0.4e-3, 1.4e-3, null, null],
])('%s', (_, measurement, value, expected, code, meant) => {
  const slip = entryErrorIn(
    measurement,
    value,
    expected,
    1.15 * (measurement.kind === 'volts' ? measurement.to : 1),
  );
  expect(slip?.code ?? null).toBe(code);
  if (meant === null) expect(slip?.meant ?? null).toBeNull();
  else expect(slip?.meant).toBeCloseTo(meant, 9);
});

test('a reading out of all bounds, a foreign photo and an empty note are refused by their field', () => {
  const paths = (entry: unknown): string[] =>
    logEntrySchema.safeParse(entry).error?.issues.map(({ path }) => path.join('.')) ?? [];
  expect(paths({ ...reading({ kind: 'short', string: 1, built: 1 }, 40) })).toEqual(['value']);
  expect(paths({ ...reading(volts(1), 0.9), takenAt: 'now' })).toEqual(['takenAt']);
  expect(paths({ kind: 'note', text: '  ', takenAt: AT })).toEqual(['text']);
  expect(
    paths({ kind: 'photo', photo: 'x', type: 'image/gif', bytes: 1, caption: '', takenAt: AT }),
  ).toEqual(['photo', 'type']);
  expect(
    logRequestSchema
      .safeParse({ entryId: 'a', revision: 0, group: '', entry: reading(volts(1), 1) })
      .error?.issues.map(({ path }) => path[0]),
  ).toEqual(['revision', 'group']);
});

test('every measurement has a name and tells where the probes go', () => {
  fc.assert(
    fc.property(anyMeasurement, (measurement) => {
      expect(measurementName(measurement).length).toBeGreaterThan(4);
      expect(howToMeasure(measurement)).toMatch(/\.$/);
      expect(measurementKey(measurement)).toBe(measurementKey({ ...measurement }));
    }),
  );
});

test('one thing read twice: the newest stands whichever entry wrote it, and the file says which was replaced', () => {
  const first = line('Tern', 'a', reading(volts(1), 0.9));
  const second = line('Tern', 'b', reading(volts(1), 0.94));
  // The first window changes its own entry last.
  const third = { ...line('Tern', 'a', reading(volts(1), 0.93)), revision: 2 };
  const lines = [first, second, third];
  expect(readingsOfGroup(lines, 'Tern').map(({ value }) => value)).toEqual([0.93]);
  expect(resultRows(lines).map(({ value, stands }) => [value, stands])).toEqual([
    [0.93, 'yes'],
    [0.94, 'replaced'],
  ]);
});

test('milliamps go out as they were typed, and come back', () => {
  const short: Measurement = { kind: 'short', string: 1, built: 1 };
  const lines = [line('Tern', 'm', reading(short, 0.42 * 1e-3))];
  expect(resultsCsv(lines)).toContain(',0.42,mA,');
  const text = resultsCsv(lines);
  const found = columnsOfFile(text);
  const rows = found.ok ? readResults(text, found.value.mapping, AT) : found;
  expect(rows.ok && rows.value[0]?.reading?.entry.value).toBeCloseTo(0.42e-3, 12);
});

test('a row for a cell that the battery does not have is refused at its row and column', () => {
  const text = 'group,string,to cell,value,unit\nTern,1,3,2.8,V\nTern,1,5,4.6,V\nTern,2,1,0.9,V\n';
  const found = columnsOfFile(text);
  if (!found.ok) throw new Error('columns');
  const rows = readResults(text, found.value.mapping, AT, [4]);
  if (!rows.ok) throw new Error('rows');
  expect(rows.value.map(({ reading: one }) => one !== null)).toEqual([true, false, false]);
  expect(rows.value.flatMap(({ issues }) => issues)).toMatchObject([
    { path: ['row', 3, 'to cell'], message: 'String 1 has 4 cells, not 5.' },
    { path: ['row', 4, 'string'], message: 'The battery has no string 2.' },
  ]);
});

test.each([
  [volts(3), 0.281, 2.8, 2.81],
  [volts(1), 930, 0.93, 0.93],
  [{ kind: 'short', string: 1, built: 1 } as const, 0.138, 1.5e-3, 1.38e-3],
])(
  '%#: a point or a unit that was misread is asked about',
  (measurement, typed, expected, meant) => {
    const error = entryErrorIn(measurement, typed, expected, 99);
    expect(error?.message).toMatch(/^Did you mean/);
    expect(error?.meant).toBeCloseTo(meant, 9);
  },
);

test('a current ten times too small may be a bad contact: nothing is asked', () => {
  const short: Measurement = { kind: 'short', string: 1, built: 1 };
  expect(entryErrorIn(short, 1.5e-4, 1.5e-3, 99)).toBeNull();
});
