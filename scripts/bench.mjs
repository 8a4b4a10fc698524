import { cpus } from 'node:os';

import { ensureBuild, ensureChromium, ensureDependencies, ensureNgspice } from './lib/prepare.mjs';
import { runOrExit } from './lib/run.mjs';
import { compiled } from './lib/typescript.mjs';

await ensureDependencies();
await ensureChromium();
await ensureNgspice();
await ensureBuild();
console.log(`machine: ${cpus().length} × ${cpus()[0]?.model}, Node ${process.version}\n`);
await runOrExit('The core bench', process.execPath, [
  '--expose-gc',
  await compiled('benchmarks/core.ts'),
]);
await runOrExit('The storage bench', process.execPath, [await compiled('benchmarks/storage.ts')]);
// Imported late: it needs the dependencies.
const { benchBrowser } = await import('../benchmarks/browser.mjs');
await benchBrowser();
const { benchLoad } = await import('../benchmarks/load.mjs');
await benchLoad();
const { benchKills } = await import('../benchmarks/kills.mjs');
await benchKills();
