import { checkNode, ensureBuild, ensureDependencies } from './lib/prepare.mjs';
import { fillDemo } from './lib/fillDemo.mjs';
import { usablePort } from './lib/port.mjs';
import { serve } from './lib/serve.mjs';

const DEMO_DATABASE = 'data/demo.db';

checkNode();
const port = await usablePort();
await ensureDependencies();
await ensureBuild();
await fillDemo(DEMO_DATABASE);
console.log(`\nGrozer with the demo scenario: http://127.0.0.1:${port}\n`);
serve(port, { GROZER_DB: DEMO_DATABASE });
