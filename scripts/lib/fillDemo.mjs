import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { binary, ROOT, runOrExit } from './run.mjs';

/** Makes a database file anew with the demo scenario in it. */
export async function fillDemo(file) {
  mkdirSync(dirname(join(ROOT, file)), { recursive: true });
  const [node, tsx] = binary('tsx/dist/cli.mjs');
  await runOrExit('Filling the demo database', node, [tsx, 'src/cli/fillDemo.ts', file]);
}
