import Papa from 'papaparse';
import { fail, succeed, type Result } from '../result';

/** Starts of a cell that spreadsheets would run as a formula. */
const FORMULA_START = /^[=+\-@\t\r]/;

/** A table as CSV text (RFC 4180). Texts that a spreadsheet would run are guarded by an apostrophe; numbers are not. */
export function csvText(
  header: readonly string[],
  rows: readonly (readonly (string | number | null)[])[],
): string {
  const guarded = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' && FORMULA_START.test(cell) ? `'${cell}` : cell)),
  );
  return `${Papa.unparse({ fields: [...header], data: guarded }, { newline: '\r\n' })}\r\n`;
}

/** One row of a CSV file by the names in its header, and where it stands, counted as a spreadsheet does. */
export interface CsvRow {
  readonly row: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** Longest table that is read, characters: a class with sixty groups reads a tenth of it. */
export const LONGEST_TABLE = 2_000_000;
const MOST_ROWS = 20_000;
const MOST_COLUMNS = 100;
/** What spreadsheets write above the header to name their separator. */
const SEPARATOR_LINE = /^sep=(.)\r?\n/i;

/** Rows of CSV text with any of the usual separators; guards of {@link csvText} are taken off again. */
export function csvRows(text: string): Result<CsvRow[]> {
  const whole = text.replace(/^\uFEFF/, '');
  if (whole.length > LONGEST_TABLE) return tooLarge(`${LONGEST_TABLE / 1e6} million characters`);
  const [line = '', named] = SEPARATOR_LINE.exec(whole) ?? [];
  const table = whole.slice(line.length);
  /** Row of the header. */
  const first = line === '' ? 1 : 2;
  const delimiter = named ?? separatorOf(table);
  const [header = []] = Papa.parse<string[]>(table, { delimiter, preview: 1 }).data;
  if (header.length > MOST_COLUMNS) return tooLarge(`${MOST_COLUMNS} columns`);
  const names = header.map((name) => name.trim());
  const twice = names.find((name, index) => name !== '' && names.indexOf(name) < index);
  if (twice !== undefined) {
    return fail({
      code: 'column-twice',
      path: ['row', first, twice],
      message: `The column “${twice}” is there twice: which one counts? Take one out.`,
    });
  }
  const parsed = Papa.parse<Record<string, string | undefined>>(table, {
    header: true,
    delimiter,
    preview: MOST_ROWS + 1,
    transformHeader: (name, index) => name.trim() || `column ${index + 1}`,
  });
  if (parsed.data.length > MOST_ROWS) return tooLarge(`${MOST_ROWS} rows`);
  // Cells that are missing at the end of a row are empty ones.
  const broken = parsed.errors.find(({ code }) => code !== 'TooFewFields');
  if (broken !== undefined) {
    // The header counts in the number of an open quote, but not in that of a long row.
    const row = (broken.row ?? 0) + (broken.type === 'Quotes' ? 0 : 1) + first;
    return fail({
      code: 'broken-csv',
      path: ['row', row],
      message: `Row ${row} cannot be read: ${broken.message}.`,
    });
  }
  return succeed(
    parsed.data
      .map((record, index) => ({
        row: index + first + 1,
        cells: Object.fromEntries(
          Object.entries(record).map(([name, cell]) => [name, restored((cell ?? '').trim())]),
        ),
      }))
      .filter(({ cells }) => Object.values(cells).some((cell) => cell !== '')),
  );
}

function tooLarge<T>(most: string): Result<T> {
  const message = `The table has more than ${most}; no class writes that much. Is it the right file?`;
  return fail({ code: 'too-large', path: [], message });
}

/** The separator that the header uses most; the library's own guess fails where rows are empty. */
function separatorOf(table: string): string {
  const [header = ''] = table.split(/[\r\n]/, 1);
  const count = (separator: string): number => header.split(separator).length;
  return [',', ';', '\t'].reduce((best, one) => (count(one) > count(best) ? one : best));
}

function restored(cell: string): string {
  return cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell;
}
