import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { ensureApp, ensureChromium, ensureNgspice } from './lib/prepare.mjs';
import { ROOT, runOrExit } from './lib/run.mjs';
import { compiled } from './lib/typescript.mjs';

/** `npm run bench`: every figure in one table, printed and written to docs/benchmarks.md with the machine. */

const ROWS = `${ROOT}test-results/bench.jsonl`;
const PAGE = `${ROOT}docs/benchmarks.md`;

await ensureApp();
await ensureChromium();
await ensureNgspice();
mkdirSync(`${ROOT}test-results`, { recursive: true });
rmSync(ROWS, { force: true });
process.env.GROZER_BENCH_ROWS = ROWS;

// Imported late: they need the dependencies, and where rows go must be known by then.
const { benchmarksPage, calibrationLoop } = await import('../benchmarks/table.mjs');
const { printRow } = await import('../benchmarks/print.mjs');
const loopMs = calibrationLoop();
const machine = `${cpus().length} × ${cpus()[0]?.model}, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.version}`;
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
  const rows = readFileSync(ROWS, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
  const page = benchmarksPage(rows, { machine, loopMs, day });
  writeFileSync(PAGE, page);
  return page;
}

countLines();
await runOrExit('The storage bench', process.execPath, [await compiled('benchmarks/storage.ts')]);
const { benchBrowser } = await import('../benchmarks/browser.mjs');
await benchBrowser();
writePage();
const { benchLoad } = await import('../benchmarks/load.mjs');
await benchLoad();
const { benchKills } = await import('../benchmarks/kills.mjs');
await benchKills();
writePage();
// The longest comes last: thousands of hidden faults are found, thousands of odd plans worked out.
await runOrExit('The core bench', process.execPath, [
  '--expose-gc',
  await compiled('benchmarks/core.ts'),
]);
console.log(`\n${writePage()}`);
