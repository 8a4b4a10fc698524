import { cpus } from 'node:os';

import { ensureBuild, ensureChromium, ensureDependencies } from './lib/prepare.mjs';
import { binary, runOrExit } from './lib/run.mjs';

await ensureDependencies();
await ensureChromium();
await ensureBuild();
console.log(`machine: ${cpus().length} × ${cpus()[0]?.model}, Node ${process.version}\n`);
const [node, tsx] = binary('tsx/dist/cli.mjs');
await runOrExit('The core bench', node, [tsx, 'bench/core.ts']);
// Imported late: it needs the dependencies.
const { benchBrowser } = await import('../bench/browser.mjs');
await benchBrowser();
