import { checkNode, ensureApp } from './lib/prepare.mjs';
import { fillDemo } from './lib/fillDemo.mjs';
import { usablePort } from './lib/port.mjs';
import { startMeter } from './lib/meter.mjs';
import { serve } from './lib/serve.mjs';

const DEMO_DATABASE = 'data/demo.db';
/** Opens the gateway to the local network at once; without it a switch on the class page does. */
const LAN = '--lan';

const unknown = process.argv.slice(2).find((one) => one !== LAN);
if (unknown !== undefined) {
  console.error(
    `“${unknown}” is no option of the demo. There is ${LAN}: groups join from their own devices.`,
  );
  process.exit(2);
}

checkNode();
const port = await usablePort();
await ensureApp();
await fillDemo(DEMO_DATABASE);
console.log(`\nGrozer with the demo scenario: http://127.0.0.1:${port}\n`);
await startMeter();
serve(port, {
  GROZER_DB: DEMO_DATABASE,
  ...(process.argv.includes(LAN) ? { GROZER_LAN: '1' } : {}),
});
