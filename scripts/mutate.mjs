import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDependencies } from './lib/prepare.mjs';
import { summaryOfMutants } from './lib/mutants.mjs';
import { binary, ROOT, run } from './lib/run.mjs';

/**
 * `npm run mutate`: changes the core in small ways, one at a time, and looks whether a test fails.
 * `-- --every N` takes the mutants of every Nth line (1: all of them, for a day); `-- FOLDER …` only those folders.
 */

const FOLDERS = ['physics/chance', 'physics/time', 'work/planning', 'work/diagnosis'];
const USUAL_EVERY = 40;
const REPORT = 'test-results/mutants.json';

const words = process.argv.slice(2);
const at = words.indexOf('--every');
const every = at < 0 ? USUAL_EVERY : Number(words[at + 1]);
if (!Number.isInteger(every) || every < 1) {
  console.error('--every needs a whole number from 1 on: the mutants of every Nth line.');
  process.exit(2);
}
const named = words.filter((_, index) => at < 0 || (index !== at && index !== at + 1));
const folders = named.length === 0 ? FOLDERS : named;

await ensureDependencies();
mkdirSync(join(ROOT, 'test-results'), { recursive: true });
const lines = linesOf(folders, every);
const config = 'test-results/stryker.json';
writeFileSync(join(ROOT, config), JSON.stringify(settingsFor(lines)));
const { code } = await run(...commandOf(config));
const { testedFiles, ...summary } = summaryOfMutants(
  JSON.parse(readFileSync(join(ROOT, REPORT), 'utf8')),
);
console.log(`\nEvery ${every}th line of ${folders.join(', ')}: ${testedFiles} files.`);
console.log(`${summary.killed} of ${summary.all} mutants killed: ${summary.percent} %.`);
for (const one of summary.survivors) console.log(one);
process.exit(code);

/** `file:line-line` of every Nth line of code, counted through all files so that short ones have their turn too. */
function linesOf(chosen, step) {
  let count = 0;
  const found = [];
  for (const folder of chosen) {
    const path = join('src/core', folder);
    const files = readdirSync(join(ROOT, path)).filter((file) => /(?<!\.test)\.ts$/.test(file));
    for (const file of files.sort()) {
      readFileSync(join(ROOT, path, file), 'utf8')
        .split('\n')
        .forEach((text, index) => {
          if (!isCode(text)) return;
          if (count % step === 0) found.push(`${path}/${file}:${index + 1}-${index + 1}`);
          count += 1;
        });
    }
  }
  return found;
}

function isCode(text) {
  return !/^\s*($|\/\/|\/?\*|import |\} from|export (interface|type)|readonly |[)}\]]+[;,]?$)/.test(
    text,
  );
}

function settingsFor(mutate) {
  return {
    mutate,
    testRunner: 'jest',
    jest: {
      projectType: 'custom',
      configFile: 'jest.config.mjs',
      // The core's own tests: pages say nothing about it that these do not.
      config: { testMatch: ['<rootDir>/src/core/**/*.test.ts'] },
    },
    coverageAnalysis: 'perTest',
    // What is worked out once when a file is read cannot be told apart by test.
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 20_000,
    reporters: ['progress-append-only', 'json'],
    jsonReporter: { fileName: REPORT },
    tempDirName: 'test-results/stryker',
    thresholds: { high: 90, low: 75, break: 75 },
    allowConsoleColors: false,
  };
}

function commandOf(settings) {
  const [node, stryker] = binary('@stryker-mutator/core/bin/stryker.js');
  return [node, [stryker, 'run', settings]];
}
