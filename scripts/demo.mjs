import { mkdirSync } from 'node:fs';
import { checkNode, ensureBuild, ensureDependencies } from './lib/prepare.mjs';
import { usablePort } from './lib/port.mjs';
import { binary, ROOT, runOrExit } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';

const DEMO_DATABASE = 'data/demo.db';

checkNode();
const port = await usablePort();
await ensureDependencies();
await ensureBuild();
mkdirSync(`${ROOT}data`, { recursive: true });
const [node, tsx] = binary('tsx/dist/cli.mjs');
await runOrExit('Filling the demo database', node, [tsx, 'src/cli/fillDemo.ts', DEMO_DATABASE]);
console.log(`\nGrozer with the demo scenario: http://127.0.0.1:${port}\n`);
serve(port, { GROZER_DB: DEMO_DATABASE });
