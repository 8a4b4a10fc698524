import { csvRows, csvText, type CsvRow } from '../../formats/csv';
import { parseQuantity } from '../../formats/parseQuantity';
import { fail, succeed, type Issue, type Result } from '../../result';
import {
  FACTORS,
  MAX_REPEATS,
  MAX_VARIANTS,
  type Factor,
  type FairTest,
  type FairTestReading,
} from './fairTestSchema';
import { runOrder } from './runOrder';

const ROUND = 'round';
const VARIANT = 'what';
const VOLTS = 'open-circuit voltage (V)';
const AMPS = 'short-circuit current (mA)';
/** In a column of what was different: how is not said. */
const NOT_SAID = 'yes';
const CHANGED = (factor: Factor): string => `different ${factor}`;

/** The plan and its readings as CSV, in the order of measuring; what was not read yet stays empty. */
export function fairTestCsv(test: FairTest): string {
  const names = new Map(test.variants.map(({ id, name }) => [id, name]));
  const others = FACTORS.filter((factor) => factor !== test.factor);
  const rows = runOrder(test).map(({ variant, repeat }) => {
    const reading = test.readings.find((one) => one.variant === variant && one.repeat === repeat);
    return [
      repeat,
      names.get(variant) ?? variant,
      reading?.volts ?? null,
      reading?.amps == null ? null : 1000 * reading.amps,
      ...others.map((factor) => {
        const changed = reading?.changed.find((one) => one.factor === factor);
        return changed === undefined ? '' : changed.setting || NOT_SAID;
      }),
    ];
  });
  return csvText([ROUND, VARIANT, VOLTS, AMPS, ...others.map(CHANGED)], rows);
}

/**
 * Puts the readings of a CSV file into a fair test. Names that are not there yet are added. A file with any fault is
 * refused whole, each fault with its row and column.
 */
export function withCsvReadings(test: FairTest, text: string): Result<FairTest> {
  const rows = csvRows(text);
  if (!rows.ok) return rows;
  const first = rows.value[0];
  if (first === undefined) return refuse('empty', [], 'There is no row under the header.');
  const missing = [VARIANT, VOLTS].find((name) => !(name in first.cells));
  if (missing !== undefined) {
    return refuse(
      'missing-column',
      [missing],
      `There is no column “${missing}”. Export the empty plan to see the columns.`,
    );
  }
  const issues: Issue[] = [];
  const variants = [...test.variants];
  const readings = new Map(test.readings.map((one) => [`${one.variant} ${one.repeat}`, one]));
  for (const row of rows.value) {
    const read = readingOf(row, test, variants, issues);
    if (read !== null) readings.set(`${read.variant} ${read.repeat}`, read);
    if (variants.length > MAX_VARIANTS) {
      return refuse(
        'too-many',
        ['row', row.row, VARIANT],
        `At most ${MAX_VARIANTS} different ones fit; here is one more.`,
      );
    }
  }
  if (issues.length > 0) return fail(...issues);
  const kept = [...readings.values()];
  const repeats = Math.max(test.repeats, ...kept.map(({ repeat }) => repeat));
  return succeed({ ...test, variants, repeats, readings: kept });
}

function readingOf(
  { row, cells }: CsvRow,
  { factor }: FairTest,
  variants: FairTest['variants'],
  issues: Issue[],
): FairTestReading | null {
  const before = issues.length;
  const say = (column: string, message: string): void => {
    issues.push({ code: 'bad-cell', path: ['row', row, column], message });
  };
  const name = cells[VARIANT] ?? '';
  if (name === '' || name.length > 60) say(VARIANT, 'Give a name of at most 60 characters.');
  const repeat = Number(cells[ROUND] ?? '1');
  if (!Number.isInteger(repeat) || repeat < 1 || repeat > MAX_REPEATS) {
    say(ROUND, `Give a whole number from 1 to ${MAX_REPEATS}.`);
  }
  const quantity = (column: string, kind: 'volts' | 'milliamps', most: number): number | null => {
    const text = cells[column] ?? '';
    if (text === '') return null;
    const parsed = parseQuantity(text, kind);
    if (!parsed.ok) say(column, parsed.issues[0]?.message ?? 'This cannot be read.');
    else if (Math.abs(parsed.value) > most) say(column, `“${text}” is too large.`);
    return parsed.ok ? parsed.value : null;
  };
  const volts = quantity(VOLTS, 'volts', 100);
  const amps = quantity(AMPS, 'milliamps', 20);
  const changed = FACTORS.filter((one) => one !== factor).flatMap((one) => {
    const setting = cells[CHANGED(one)] ?? '';
    if (setting.length > 60) say(CHANGED(one), 'Use at most 60 characters.');
    return setting === '' ? [] : [{ factor: one, setting: setting === NOT_SAID ? '' : setting }];
  });
  if (issues.length > before || (volts === null && amps === null)) return null;
  return { variant: variantNamed(name, variants), repeat, volts, amps, changed };
}

function variantNamed(name: string, variants: FairTest['variants']): string {
  const known = variants.find((one) => one.name.toLowerCase() === name.toLowerCase());
  if (known !== undefined) return known.id;
  const id = freeVariantId(variants);
  variants.push({ id, name });
  return id;
}

/** An id that no variant has yet. */
export function freeVariantId(variants: FairTest['variants']): string {
  for (let number = variants.length + 1; ; number += 1) {
    const id = `v${number}`;
    if (!variants.some((one) => one.id === id)) return id;
  }
}

function refuse(code: string, path: Issue['path'], message: string): Result<FairTest> {
  return fail({ code, path, message });
}
