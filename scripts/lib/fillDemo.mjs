import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT, runOrExit } from './run.mjs';
import { compiled } from './typescript.mjs';

/** Makes a database file anew with the demo scenario in it. */
export async function fillDemo(file) {
  mkdirSync(dirname(join(ROOT, file)), { recursive: true });
  await runOrExit('Filling the demo database', process.execPath, [
    await compiled('src/cli/fillDemo.ts'),
    file,
  ]);
}
