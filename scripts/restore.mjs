import { ensureDependencies } from './lib/prepare.mjs';
import { compiled } from './lib/typescript.mjs';

await ensureDependencies();
await import(await compiled('src/cli/restore.ts'));
