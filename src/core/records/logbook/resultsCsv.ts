import { csvRows, csvText, type CsvRow } from '../../formats/csv';
import { parseQuantity } from '../../formats/parseQuantity';
import { CURRENT_RANGES, VOLT_RANGES } from '../../physics/instruments/meter';
import { succeed, type Issue, type Result } from '../../result';
import { foldLog } from './foldLog';
import { groupNameSchema, logEntrySchema, type LoggedReading, type LogLine } from './logEntry';
import { LONGEST_METER } from './logLimits';
import { measurementKey, quantityOf, reachOf, type Measurement } from './measurement';
import { measurementSchema } from './measurementSchema';

/** Columns of the results, in order; units stand in a column of their own because volts and amperes share one table. */
export const RESULT_COLUMNS = [
  'group',
  'measured',
  'string',
  'from cell',
  'to cell',
  'cells built',
  'value',
  'unit',
  'range',
  'source',
  'meter',
  'taken at',
  'stands',
] as const;
export type ResultColumn = (typeof RESULT_COLUMNS)[number];

/** Columns without which a row is no reading. */
export const NEEDED_COLUMNS: readonly ResultColumn[] = ['group', 'value'];

/** Every reading of a class that was not taken out, one row each; of several of one thing the newest stands. */
export function resultRows(
  lines: readonly LogLine[],
): Record<ResultColumn, string | number | null>[] {
  const readings = foldLog(lines).flatMap(({ current: { group, entry, struck, seq } }) =>
    struck || entry.kind !== 'reading' ? [] : [{ group, entry, seq }],
  );
  const newest = new Map<string, number>();
  const keyOf = ({ group, entry }: (typeof readings)[number]): string =>
    `${group} ${measurementKey(entry.measurement)}`;
  for (const one of readings) {
    newest.set(keyOf(one), Math.max(one.seq, newest.get(keyOf(one)) ?? 0));
  }
  return readings.map((one) => {
    const { group, entry, seq } = one;
    const { measurement, value, range, source, meter, takenAt } = entry;
    const quantity = quantityOf(measurement);
    return {
      group,
      measured:
        measurement.kind === 'lights' && measurement.turned ? 'lights-turned' : measurement.kind,
      string: 'string' in measurement ? measurement.string : null,
      'from cell':
        'from' in measurement ? measurement.from : 'cell' in measurement ? measurement.cell : null,
      'to cell':
        'to' in measurement ? measurement.to : 'cell' in measurement ? measurement.cell : null,
      'cells built': 'built' in measurement ? measurement.built : null,
      value: asTyped(quantity === 'amps' ? 1000 * value : value),
      unit: quantity === 'volts' ? 'V' : quantity === 'amps' ? 'mA' : '',
      range,
      source,
      meter,
      'taken at': takenAt,
      stands: newest.get(keyOf(one)) === seq ? 'yes' : 'replaced',
    };
  });
}

/** Without the digits that a change of unit leaves behind: 0.42 and not 0.41999999999999998. */
function asTyped(value: number): number {
  return Number(value.toPrecision(10));
}

export function resultsCsv(lines: readonly LogLine[]): string {
  const rows = resultRows(lines);
  return csvText(
    RESULT_COLUMNS,
    rows.map((row) => RESULT_COLUMNS.map((column) => row[column])),
  );
}

/** What a row of a file can say; that it comes from a file needs no column, and the newest reading stands by itself. */
export const FILE_COLUMNS = RESULT_COLUMNS.filter(
  (column) => column !== 'source' && column !== 'stands',
);

/** Which column of a file stands for which of ours; `null` where none does. */
export type ColumnMapping = Readonly<Record<ResultColumn, string | null>>;

/** Columns of a file and a first guess at what they mean. */
export function columnsOfFile(
  text: string,
): Result<{ readonly columns: readonly string[]; readonly mapping: ColumnMapping }> {
  const rows = csvRows(text);
  if (!rows.ok) return rows;
  const columns = [...new Set(rows.value.flatMap(({ cells }) => Object.keys(cells)))];
  const plain = (name: string): string => name.toLowerCase().replace(/[^a-z]/g, '');
  const mapping = Object.fromEntries(
    RESULT_COLUMNS.map((wanted) => [
      wanted,
      columns.find((name) => plain(name) === plain(wanted)) ??
        columns.find((name) => GUESSES[wanted]?.test(name) === true) ??
        null,
    ]),
  ) as ColumnMapping;
  return succeed({ columns, mapping });
}

const GUESSES: Partial<Readonly<Record<ResultColumn, RegExp>>> = {
  group: /group|team|table/i,
  measured: /measure|what/i,
  'to cell': /cells?|count|number/i,
  value: /value|read|volt|amp/i,
  unit: /unit/i,
  'taken at': /time|date|when/i,
};

/** A row of a file: the reading that it becomes, or what is wrong with it. */
export interface FileRow {
  readonly row: number;
  readonly cells: Readonly<Record<string, string>>;
  readonly reading: { readonly group: string; readonly entry: LoggedReading } | null;
  readonly issues: readonly Issue[];
}

/**
 * Readings of a CSV file by its columns. Every row stands for itself: those with issues name them, by row and column,
 * and the others can be taken.
 * @param now time for rows that have none, ISO 8601.
 * @param places cells in each string of the battery; `null`: any.
 */
export function readResults(
  text: string,
  mapping: ColumnMapping,
  now: string,
  places: readonly number[] | null = null,
): Result<FileRow[]> {
  const rows = csvRows(text);
  if (!rows.ok) return rows;
  return succeed(rows.value.map((row) => placed(fileRow(row, mapping, now), mapping, places)));
}

/** A reading of a cell that the battery does not have is refused, at its row. */
function placed(row: FileRow, mapping: ColumnMapping, places: readonly number[] | null): FileRow {
  const measurement = row.reading?.entry.measurement;
  if (places === null || measurement === undefined || !('string' in measurement)) return row;
  const { string } = measurement;
  const length = places[string - 1];
  const [column, message]: [ResultColumn, string] =
    length === undefined
      ? ['string', `The battery has no string ${string}.`]
      : ['to cell', `String ${string} has ${length} cells, not ${reachOf(measurement)}.`];
  if (length !== undefined && reachOf(measurement) <= length) return row;
  const path = ['row', row.row, mapping[column] ?? column];
  return { ...row, reading: null, issues: [{ code: 'no-such-place', path, message }] };
}

/** What a file of readings holds. */
export interface ReadFile {
  readonly columns: readonly string[];
  readonly mapping: ColumnMapping;
  readonly rows: readonly FileRow[];
}

/**
 * A file of readings, read by its columns.
 * @param chosen which column is what; `null`: a first guess.
 * @param now time for rows that have none, ISO 8601.
 */
export function readResultsFile(
  text: string,
  chosen: ColumnMapping | null,
  now: string,
  places: readonly number[] | null = null,
): Result<ReadFile> {
  const found = columnsOfFile(text);
  if (!found.ok) return found;
  const mapping = chosen ?? found.value.mapping;
  const rows = readResults(text, mapping, now, places);
  return rows.ok ? succeed({ columns: found.value.columns, mapping, rows: rows.value }) : rows;
}

function fileRow({ row, cells }: CsvRow, mapping: ColumnMapping, now: string): FileRow {
  const issues: Issue[] = [];
  const cell = (column: ResultColumn): string => {
    const name = mapping[column];
    return name === null ? '' : (cells[name] ?? '');
  };
  const fault = (column: ResultColumn, message: string): null => {
    issues.push({ code: 'not-usable', path: ['row', row, mapping[column] ?? column], message });
    return null;
  };
  const count = (column: ResultColumn, otherwise: number): number | null => {
    const typed = cell(column);
    if (typed === '') return otherwise;
    const number = Number(typed);
    return Number.isInteger(number) && number >= 1
      ? number
      : fault(column, `“${typed}” is no whole number from 1.`);
  };
  const group = groupNameSchema.safeParse(cell('group'));
  if (!group.success) fault('group', group.error.issues[0]?.message ?? 'Name the group.');
  const unit = cell('unit');
  const string = count('string', 1);
  const to = count('to cell', 1);
  const from = count('from cell', 1);
  const built = count('cells built', to ?? 1);
  const kind = cell('measured') || (/a$/i.test(unit) ? 'short' : 'volts');
  const measurement = measurementSchema.safeParse(
    shapeOf(kind, { string, from, to, built, cell: to }),
  );
  if (!measurement.success && string !== null && to !== null && from !== null && built !== null) {
    fault('measured', `“${kind}” is no measurement that Grozer knows.`);
  }
  const value = measurement.success ? valueOf(measurement.data, cell('value'), unit) : null;
  if (value !== null && !value.ok) fault('value', value.issues[0]?.message ?? 'No value.');
  const takenAt = cell('taken at');
  const time = takenAt === '' ? now : isoTime(takenAt);
  if (time === null)
    fault('taken at', `“${takenAt}” is no time. Write it like 2027-01-22T14:02:00Z.`);
  const range = [...VOLT_RANGES, ...CURRENT_RANGES].find((one) => one === cell('range')) ?? null;
  if (issues.length > 0 || !group.success || !measurement.success || value?.ok !== true) {
    return { row, cells, reading: null, issues: issues };
  }
  const entry = logEntrySchema.safeParse({
    kind: 'reading',
    measurement: measurement.data,
    value: value.value,
    range,
    source: 'file',
    typed: null,
    meter: cell('meter').slice(0, LONGEST_METER) || null,
    takenAt: time,
  });
  if (!entry.success || entry.data.kind !== 'reading') {
    fault('value', entry.error?.issues[0]?.message ?? 'The value is out of bounds.');
    return { row, cells, reading: null, issues: issues };
  }
  return { row, cells, reading: { group: group.data, entry: entry.data }, issues: issues };
}

function valueOf(measurement: Measurement, typed: string, unit: string): Result<number> {
  const quantity = quantityOf(measurement);
  if (quantity === 'light') {
    const runs = /^(1|yes|y|true|lit)$/i.test(typed)
      ? 1
      : /^(0|no|n|false|dark)$/i.test(typed)
        ? 0
        : null;
    return runs === null
      ? {
          ok: false,
          issues: [{ code: 'light', path: [], message: 'Write 1 where it runs, 0 where not.' }],
        }
      : succeed(runs);
  }
  return parseQuantity(
    /[a-zµμ]\s*$/i.test(typed) ? typed : `${typed} ${unit}`,
    quantity === 'volts' ? 'volts' : 'milliamps',
  );
}

function shapeOf(
  kind: string,
  at: Readonly<Record<'string' | 'from' | 'to' | 'built' | 'cell', number | null>>,
): unknown {
  const { string, from, to, built, cell } = at;
  switch (kind) {
    case 'volts':
      return { kind, string, from, to, built };
    case 'short':
      return { kind, string, built };
    case 'shorted-volts':
      return { kind, string, to, built };
    case 'cell-volts':
    case 'cell-short':
      return { kind, string, cell };
    case 'volts-without':
      return { kind, string, cell, built };
    case 'lights':
    case 'lights-turned':
      return { kind: 'lights', turned: kind === 'lights-turned' };
    default:
      return { kind };
  }
}

function isoTime(text: string): string | null {
  const time = Date.parse(text);
  return Number.isNaN(time) ? null : new Date(time).toISOString();
}
