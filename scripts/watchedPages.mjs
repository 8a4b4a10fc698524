import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Run where mutants are tried, in a copy of the project: tests of pages get the environment that notes which lines each of them
 * comes by, so that a mutant is tried on those tests only.
 */

const PLAIN = '@jest-environment jsdom';
const WATCHED = '@jest-environment @stryker-mutator/jest-runner/jest-env/jsdom';

for (const name of readdirSync('src', { recursive: true })) {
  if (!/\.test\.tsx?$/.test(name)) continue;
  const file = join('src', name);
  const text = readFileSync(file, 'utf8');
  if (text.includes(PLAIN)) writeFileSync(file, text.replace(PLAIN, WATCHED));
}
