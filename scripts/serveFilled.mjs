import { ensureApp } from './lib/prepare.mjs';
import { usablePort } from './lib/port.mjs';
import { fillDemo } from './lib/fillDemo.mjs';
import { serve } from './lib/serve.mjs';

/** Serves the app with a database of its own, filled with the demo scenario: `serveFilled.mjs FILE`. */
const [, , file] = process.argv;
if (file === undefined) throw new Error('usage: serveFilled.mjs DATABASE_FILE');
const port = await usablePort();
await ensureApp();
await fillDemo(file);
serve(port, { GROZER_DB: file });
