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
  await compiled('bench/core.ts'),
]);
// Imported late: it needs the dependencies.
const { benchBrowser } = await import('../bench/browser.mjs');
await benchBrowser();
const { benchLoad } = await import('../bench/load.mjs');
await benchLoad();
