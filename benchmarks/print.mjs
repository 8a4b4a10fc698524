import { appendFileSync } from 'node:fs';

/** The file that rows are gathered in while the whole bench runs; a part that is run alone only prints them. */
const ROWS = process.env.GROZER_BENCH_ROWS;

/** The one part that is asked for, by a piece of its name. */
const ONLY = process.env.GROZER_BENCH_ONLY;

/** Whether a part of the bench is asked for. */
export function isWanted(name) {
  return ONLY === undefined || name.includes(ONLY);
}

/** One part of the bench, where it is asked for: one that breaks off says so in a row, and the rest goes on. */
export async function part(name, work) {
  if (!isWanted(name)) return;
  try {
    await work();
  } catch (error) {
    console.error(error);
    printRow(name, `broke off: ${String(error?.message ?? error).split('\n')[0]}`, '', false);
  }
}

/**
 * One row of the bench.
 *
 * @param {string} name what was measured
 * @param {string} figure what came out
 * @param {string} [goal] what it is held against; none: only to be known
 * @param {boolean} [held] whether the goal is met
 */
export function printRow(name, figure, goal = '', held = true) {
  const told = `${name.padEnd(58)} ${figure}${goal === '' ? '' : `   (${goal})`}`;
  console.log(held ? told : `${told}   MISSED`);
  if (ROWS !== undefined) appendFileSync(ROWS, `${JSON.stringify({ name, figure, goal, held })}\n`);
}
