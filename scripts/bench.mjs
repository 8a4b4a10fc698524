import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { ensureBuild, ensureChromium, ensureDependencies, ensureNgspice } from './lib/prepare.mjs';
import { ROOT, runOrExit } from './lib/run.mjs';
import { compiled } from './lib/typescript.mjs';

/** `npm run bench`: every figure in one table, printed and written to docs/benchmarks.md with the machine. */

const ROWS = `${ROOT}test-results/bench.jsonl`;
const PAGE = `${ROOT}docs/benchmarks.md`;

await ensureDependencies();
await ensureChromium();
await ensureNgspice();
await ensureBuild();
mkdirSync(`${ROOT}test-results`, { recursive: true });
rmSync(ROWS, { force: true });
process.env.GROZER_BENCH_ROWS = ROWS;

// Imported late: they need the dependencies, and where rows go must be known by then.
const { benchmarksPage, calibrationLoop } = await import('../benchmarks/table.mjs');
const loopMs = calibrationLoop();
await runOrExit('The core bench', process.execPath, [
  '--expose-gc',
  await compiled('benchmarks/core.ts'),
]);
await runOrExit('The storage bench', process.execPath, [await compiled('benchmarks/storage.ts')]);
const { benchBrowser } = await import('../benchmarks/browser.mjs');
await benchBrowser();
const { benchLoad } = await import('../benchmarks/load.mjs');
await benchLoad();
const { benchKills } = await import('../benchmarks/kills.mjs');
await benchKills();

const rows = readFileSync(ROWS, 'utf8')
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line));
const machine = `${cpus().length} × ${cpus()[0]?.model}, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.version}`;
const page = benchmarksPage(rows, { machine, loopMs, day: new Date().toISOString().slice(0, 10) });
writeFileSync(PAGE, page);
console.log(`\n${page}`);
