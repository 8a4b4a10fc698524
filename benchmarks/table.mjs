import { performance } from 'node:perf_hooks';

const LOOPS = 40_000_000;
const ROUNDS = 5;

/**
 * Time of a loop that always does the same, milliseconds, the least of several: how fast this machine is just now. Times of
 * the bench are told as so many of it too, so that they can be compared between machines and on a busy one.
 */
export function calibrationLoop() {
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    let sum = 0;
    for (let index = 1; index <= LOOPS; index += 1) sum += Math.sqrt(index) / (index + sum);
    // The sum is looked at, or the loop would be left out.
    if (!(sum > 0)) throw new Error('the loop adds up to nothing');
    return performance.now() - start;
  });
  return Math.min(...times);
}

/** How a row is to be read where the machine is another one, or busy. */
export function readingOf(figure, loopMs) {
  if (/× faster/.test(figure)) return 'the ratio: both ran side by side';
  const [, number, unit] = /(\d+(?:\.\d+)?) (ms|s)\b/.exec(figure) ?? [];
  if (number !== undefined) {
    const milliseconds = Number(number) * (unit === 's' ? 1000 : 1);
    return `${shortened(milliseconds / loopMs)} calibration loops`;
  }
  if (/a second/.test(figure)) return 'times the calibration loop’s milliseconds';
  return 'as it stands: not a matter of speed';
}

function shortened(number) {
  return number >= 100 ? number.toFixed(0) : number.toPrecision(2);
}

/**
 * The page of the bench as Markdown.
 *
 * @param {{ name: string, figure: string, goal: string, held: boolean }[]} rows
 * @param {{ machine: string, loopMs: number, day: string, commit: string }} run
 */
export function benchmarksPage(rows, { machine, loopMs, day, commit }) {
  const line = (cells) => `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;
  const missed = rows.filter(({ held }) => !held);
  return [
    '# Measured speed and other figures',
    '',
    'Written by `npm run bench`: do not edit it by hand. Nothing here is asserted as a time in tests.',
    '',
    `- Machine: ${machine}`,
    `- Day: ${day}, at ${commit}`,
    `- Calibration loop: ${loopMs.toFixed(0)} ms (40 million square roots and divisions)`,
    '',
    missed.length === 0
      ? 'Every goal was met.'
      : `Missed: ${missed.map(({ name }) => name).join('; ')}.`,
    '',
    line(['what', 'figure', 'goal', 'on another or busy machine']),
    line(['---', '---', '---', '---']),
    ...rows.map(({ name, figure, goal, held }) =>
      line([name, held ? figure : `**missed:** ${figure}`, goal, readingOf(figure, loopMs)]),
    ),
    '',
  ].join('\n');
}
