import { csvRows, csvText, type CsvRow } from '../../formats/csv';
import { parseQuantity } from '../../formats/parseQuantity';
import { fail, succeed, type Issue, type Result } from '../../result';
import {
  cupboardEntrySchema,
  entryOf,
  withEntry,
  type CupboardEntry,
  type CupboardState,
} from './cupboardSchema';
import { PART_IDS, PARTS, type PartId } from '../../physics/recipes/parts';

const PART = 'part';
const UNIT = 'unit';
const COLUMNS = { stock: 'stock', pack: 'in a pack', packPrice: 'price of a pack' } as const;
const FIELDS = ['stock', 'pack', 'packPrice'] as const;

/** The whole cupboard as CSV: every part with its stock, pack and price. */
export function cupboardCsv(cupboard: CupboardState): string {
  const rows = PART_IDS.map((part) => {
    const entry = entryOf(cupboard, part);
    return [PARTS[part].name, PARTS[part].unit, ...FIELDS.map((field) => entry[field] ?? '')];
  });
  return csvText([PART, UNIT, ...FIELDS.map((field) => COLUMNS[field])], rows);
}

/**
 * Takes stock, packs and prices from a CSV file; empty cells and parts that are not named stay as they are. A file
 * with any fault is refused whole, each fault with its row and column.
 */
export function withCsvCupboard(cupboard: CupboardState, text: string): Result<CupboardState> {
  const rows = csvRows(text);
  if (!rows.ok) return rows;
  const [first] = rows.value;
  if (first === undefined) return refuse('empty', [], 'There is no row under the header.');
  if (!(PART in first.cells)) {
    return refuse(
      'missing-column',
      [PART],
      `There is no column “${PART}”. Export the cupboard to see the columns.`,
    );
  }
  const issues: Issue[] = [];
  let after = cupboard;
  for (const row of rows.value) {
    const part = partOf(row, issues);
    if (part !== null) after = withEntry(after, part, entryIn(row, issues));
  }
  return issues.length > 0 ? fail(...issues) : succeed(after);
}

function partOf({ row, cells }: CsvRow, issues: Issue[]): PartId | null {
  const name = cells[PART] ?? '';
  const found = PART_IDS.find(
    (part) => PARTS[part].name.toLowerCase() === name.toLowerCase() || part === name,
  );
  if (found !== undefined) return found;
  issues.push({
    code: 'unknown-part',
    path: ['row', row, PART],
    message: `“${name}” is no part that Grozer knows.`,
  });
  return null;
}

function entryIn({ row, cells }: CsvRow, issues: Issue[]): Partial<CupboardEntry> {
  const entry: { -readonly [Field in keyof CupboardEntry]?: number } = {};
  for (const field of FIELDS) {
    const column = COLUMNS[field];
    const typed = cells[column] ?? '';
    if (typed === '') continue;
    const read = parseQuantity(typed, 'count');
    const problem = read.ok ? problemOf(field, read.value) : `“${typed}” is not a number.`;
    if (problem !== null) {
      issues.push({ code: 'not-usable', path: ['row', row, column], message: problem });
    } else if (read.ok) entry[field] = read.value;
  }
  return entry;
}

function problemOf(field: keyof CupboardEntry, value: number): string | null {
  const checked = cupboardEntrySchema.shape[field].safeParse(value);
  return checked.success ? null : (checked.error.issues[0]?.message ?? null);
}

function refuse<T>(code: string, path: string[], message: string): Result<T> {
  return fail({ code, path, message });
}
