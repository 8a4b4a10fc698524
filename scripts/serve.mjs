import { checkNode, ensureApp } from './lib/prepare.mjs';
import { usablePort } from './lib/port.mjs';
import { serve } from './lib/serve.mjs';

checkNode();
const port = await usablePort();
await ensureApp();
serve(port, {});
