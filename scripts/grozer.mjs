import { ensureDependencies } from './lib/prepare.mjs';
import { compiled } from './lib/typescript.mjs';

/** The command line: bundles it when its sources have changed, then runs it. */
await ensureDependencies();
await import(await compiled('src/cli/grozer.ts'));
