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

/** One row of a CSV file by the names in its header, and where it stands (the header is row 1). */
export interface CsvRow {
  readonly row: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** Rows of CSV text with any of the usual separators; guards of {@link csvText} are taken off again. */
export function csvRows(text: string): Result<CsvRow[]> {
  const parsed = Papa.parse<Record<string, string | undefined>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const broken = parsed.errors.find(({ type }) => type !== 'Delimiter');
  if (broken !== undefined) {
    return fail({
      code: 'broken-csv',
      path: ['row', (broken.row ?? 0) + 2],
      message: `Row ${(broken.row ?? 0) + 2} cannot be read: ${broken.message}.`,
    });
  }
  return succeed(
    parsed.data.map((record, index) => ({
      row: index + 2,
      cells: Object.fromEntries(
        Object.entries(record).map(([name, cell]) => [name, restored((cell ?? '').trim())]),
      ),
    })),
  );
}

function restored(cell: string): string {
  return cell.startsWith("'") && FORMULA_START.test(cell.slice(1)) ? cell.slice(1) : cell;
}
