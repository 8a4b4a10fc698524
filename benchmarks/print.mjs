import { appendFileSync } from 'node:fs';

/** The file that rows are gathered in while the whole bench runs; a part that is run alone only prints them. */
const ROWS = process.env.GROZER_BENCH_ROWS;

/**
 * One row of the bench.
 *
 * @param {string} name what was measured
 * @param {string} figure what came out
 * @param {string} [goal] what it is held against; none: only to be known
 */
export function printRow(name, figure, goal = '') {
  console.log(`${name.padEnd(58)} ${figure}${goal === '' ? '' : `   (${goal})`}`);
  if (ROWS !== undefined) appendFileSync(ROWS, `${JSON.stringify({ name, figure, goal })}\n`);
}
