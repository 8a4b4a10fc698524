import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { parseArgs } from 'node:util';
import { ensureApp, ensureChromium, ensureNgspice } from './lib/prepare.mjs';
import { ROOT, run } from './lib/run.mjs';
import { compiled } from './lib/typescript.mjs';

/**
 * `npm run bench`: every figure in one table, printed and written to docs/benchmarks.md with the machine; exit code 1 where
 * a goal was missed or a part broke off. `-- --only NAME` runs the parts whose name has it, and writes nothing.
 */

const ROWS = `${ROOT}test-results/bench.jsonl`;
const PAGE = `${ROOT}docs/benchmarks.md`;

const { only } = parseArgs({ options: { only: { type: 'string' } } }).values;
if (only !== undefined) process.env.GROZER_BENCH_ONLY = only;
await ensureApp();
await ensureChromium();
await ensureNgspice();
mkdirSync(`${ROOT}test-results`, { recursive: true });
rmSync(ROWS, { force: true });
process.env.GROZER_BENCH_ROWS = ROWS;

// Imported late: they need the dependencies, and where rows go must be known by then.
const { benchmarksPage, calibrationLoop } = await import('../benchmarks/table.mjs');
const { part, printRow } = await import('../benchmarks/print.mjs');
const began = performance.now();
const loopMs = calibrationLoop();
const machine = `${cpus().length} × ${cpus()[0]?.model}, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.version}`;
const commit = execFileSync('git', ['log', '-1', '--format=%h'], {
  cwd: ROOT,
  encoding: 'utf8',
}).trim();
const day = new Date().toISOString().slice(0, 10);

/** How large the program is, without and with what only tests need. */
function countLines() {
  const files = execFileSync('git', ['ls-files', '*.ts', '*.tsx', '*.mjs', '*.cjs'], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  let [sources, tests] = [0, 0];
  for (const file of files.trim().split('\n')) {
    const lines = readFileSync(`${ROOT}${file}`, 'utf8').split('\n').length - 1;
    if (/\.test\.|^e2e\/|^src\/testing\//.test(file)) tests += lines;
    else sources += lines;
  }
  printRow('lines of source, and of tests', `${sources}, ${tests}`, 'tests a quarter to a third');
}

/** The page so far: a bench that is stopped leaves what it measured. */
function writePage() {
  const page = benchmarksPage(rows(), { machine, loopMs, day, commit });
  if (only === undefined) writeFileSync(PAGE, page);
  return page;
}

function rows() {
  const text = existsSync(ROWS) ? readFileSync(ROWS, 'utf8').trim() : '';
  return text === '' ? [] : text.split('\n').map((line) => JSON.parse(line));
}

/** Figures that a program of its own works out. */
async function benchOf(file, ...flags) {
  const code = await run(process.execPath, [...flags, await compiled(file)]);
  if (code !== 0) throw new Error(`${file} ended with ${code}`);
}

await part('size', countLines);
await part('storage', () => benchOf('benchmarks/storage.ts'));
const { benchBrowser } = await import('../benchmarks/browser.mjs');
await benchBrowser();
writePage();
const { benchLoad } = await import('../benchmarks/load.mjs');
await part('load', () => benchLoad());
writePage();
/** A program of figures that breaks off as a whole says so in a row. */
const benchOfOrRow = (file, ...flags) =>
  benchOf(file, ...flags).catch((error) => printRow(file, String(error), '', false));
await benchOfOrRow('benchmarks/core.ts', '--expose-gc');
// The longest comes last, on all cores: what is counted, not timed.
const { benchKills } = await import('../benchmarks/kills.mjs');
await Promise.all([
  benchOfOrRow('benchmarks/promises.ts'),
  benchOfOrRow('benchmarks/diagnosis.ts')
    .then(() => part('kills', () => benchKills()))
    .then(() => benchOfOrRow('benchmarks/odd.ts')),
]);
const minutes = (performance.now() - began) / 60_000;
if (only === undefined)
  printRow('all of this', `${minutes.toFixed(1)} min`, 'goal 12 min', minutes <= 12);
console.log(`\n${writePage()}`);
process.exitCode = rows().every(({ held }) => held) ? 0 : 1;
