import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { summaryOfMutants } from './lib/mutants.mjs';
import { ensureDependencies } from './lib/prepare.mjs';
import { binary, ROOT, run } from './lib/run.mjs';

/**
 * `npm run mutate`: changes the core in small ways, one at a time, and looks whether a test of the same folder fails.
 * `-- --every N` takes the mutants of every Nth line (1: all of them, for hours); `-- FOLDER …` only those folders.
 */

const FOLDERS = ['physics/chance', 'physics/time', 'work/diagnosis', 'work/search', 'work/judging'];
const USUAL_EVERY = 10;
const WANTED_PERCENT = 75;
const REPORT = 'test-results/mutants.json';
const SETTINGS = 'test-results/stryker.json';

const words = process.argv.slice(2);
const at = words.indexOf('--every');
const every = at < 0 ? USUAL_EVERY : Number(words[at + 1]);
if (!Number.isInteger(every) || every < 1) {
  console.error('--every needs a whole number from 1 on: the mutants of every Nth line.');
  process.exit(2);
}
const named = words.filter((_, index) => at < 0 || (index !== at && index !== at + 1));

await ensureDependencies();
mkdirSync(join(ROOT, 'test-results'), { recursive: true });
let enough = true;
for (const folder of named.length === 0 ? FOLDERS : named) {
  writeFileSync(join(ROOT, SETTINGS), JSON.stringify(settingsFor(folder)));
  const [node, stryker] = binary('@stryker-mutator/core/bin/stryker.js');
  const code = await run(node, [stryker, 'run', SETTINGS]);
  if (code !== 0) process.exit(code);
  const { killed, all, percent, survivors } = summaryOfMutants(
    JSON.parse(readFileSync(join(ROOT, REPORT), 'utf8')),
  );
  console.log(
    `\n${folder}, every ${every}th line: ${killed} of ${all} mutants killed, ${percent} %.`,
  );
  for (const one of survivors) console.log(one);
  enough &&= Number(percent) >= WANTED_PERCENT;
}
process.exit(enough ? 0 : 1);

/** `file:line-line` of every Nth line of code, counted through all files so that short ones have their turn too. */
function linesOf(path) {
  const lines = readdirSync(join(ROOT, path))
    .filter((file) => /(?<!\.test)\.ts$/.test(file))
    .sort()
    .flatMap((file) =>
      readFileSync(join(ROOT, path, file), 'utf8')
        .split('\n')
        .flatMap((text, index) =>
          isCode(text) ? [`${path}/${file}:${index + 1}-${index + 1}`] : [],
        ),
    );
  return lines.filter((_, index) => index % every === 0);
}

function isCode(text) {
  return !/^\s*($|\/\/|\/?\*|import |\} from|export (interface|type)|readonly |[)}\]]+[;,]?$)/.test(
    text,
  );
}

function settingsFor(folder) {
  const path = `src/core/${folder}`;
  return {
    mutate: every === 1 ? [`${path}/**/*.ts`, '!**/*.test.ts'] : linesOf(path),
    testRunner: 'jest',
    jest: {
      projectType: 'custom',
      configFile: 'jest.config.mjs',
      // Held by its own tests: what only a page far away would notice is not held.
      config: { testMatch: [`<rootDir>/${path}/**/*.test.ts`] },
    },
    coverageAnalysis: 'perTest',
    // What is worked out once when a file is read cannot be told apart by test.
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 20_000,
    reporters: ['progress-append-only', 'json'],
    jsonReporter: { fileName: REPORT },
    tempDirName: 'test-results/stryker',
    // What other runs write meanwhile.
    ignorePatterns: ['/test-results', '/data', '/.next'],
    allowConsoleColors: false,
  };
}
