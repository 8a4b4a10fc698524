import { ensureDependencies } from './lib/prepare.mjs';
import { startMeter } from './lib/meter.mjs';

await ensureDependencies();
const meter = await startMeter(process.argv.slice(2));
meter.on('close', (code) => process.exit(code ?? 0));
