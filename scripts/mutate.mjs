import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { summaryOfMutants } from './lib/mutants.mjs';
import { ensureDependencies } from './lib/prepare.mjs';
import { binary, ROOT, run } from './lib/run.mjs';

/**
 * `npm run mutate`: changes core and shell in small ways, one at a time, and looks whether a test of the same folder fails.
 * `-- --every N` takes the mutants of every Nth line (1: all of them, for hours); `-- FOLDER …` only those folders of `src`.
 */

/** Rooms with the share that must be found, percent, and how thinly they are sampled: a page's tests take long. */
const ROOMS = {
  'core/physics/chance': { wanted: 80, every: 10 },
  'core/physics/time': { wanted: 80, every: 10 },
  'core/work/diagnosis': { wanted: 80, every: 10 },
  // What they find is read in sentences.
  'core/work/search': { wanted: 80, every: 10, testedBy: 'core/work/words' },
  'core/work/judging': { wanted: 80, every: 10, testedBy: 'core/work/words' },
  // What is asked of the server comes in by its routes.
  server: { wanted: 75, every: 40, testedBy: 'app' },
  data: { wanted: 75, every: 10 },
  'ui/bench': { wanted: 75, every: 20 },
  'features/plan': { wanted: 75, every: 100 },
};
/** What is asked of any other folder. */
const OTHER = { wanted: 75, every: 10 };
const REPORT = 'test-results/mutants.json';
const SETTINGS = 'test-results/stryker.json';
const WATCHED_PAGES = 'scripts/watchedPages.mjs';

const words = process.argv.slice(2);
const at = words.indexOf('--every');
const asked = at < 0 ? null : Number(words[at + 1]);
if (asked !== null && (!Number.isInteger(asked) || asked < 1)) {
  console.error('--every needs a whole number from 1 on: the mutants of every Nth line.');
  process.exit(2);
}
const named = words.filter((_, index) => at < 0 || (index !== at && index !== at + 1));

await ensureDependencies();
mkdirSync(join(ROOT, 'test-results'), { recursive: true });
let enough = true;
for (const folder of named.length === 0 ? Object.keys(ROOMS) : named) {
  const { wanted, every: usual, testedBy } = roomOf(folder);
  const every = asked ?? usual;
  writeFileSync(join(ROOT, SETTINGS), JSON.stringify(settingsFor(folder, every, testedBy)));
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
  enough &&= Number(percent) >= wanted;
}
process.exit(enough ? 0 : 1);

/** `file:line-line` of every Nth line of code, counted through all files so that short ones have their turn too. */
function linesOf(path, every) {
  const lines = readdirSync(join(ROOT, path), { recursive: true })
    .filter((file) => /(?<!\.test)\.tsx?$/.test(file))
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

/** What is asked of a folder: of the room that it is, or lies in. */
function roomOf(folder) {
  const name = Object.keys(ROOMS).find((room) => `${folder}/`.startsWith(`${room}/`));
  return name === undefined ? OTHER : ROOMS[name];
}

function settingsFor(folder, every, testedBy = folder) {
  const path = `src/${folder}`;
  return {
    mutate: every === 1 ? [`${path}/**/*.{ts,tsx}`, '!**/*.test.{ts,tsx}'] : linesOf(path, every),
    buildCommand: `node ${WATCHED_PAGES}`,
    testRunner: 'jest',
    jest: {
      projectType: 'custom',
      configFile: 'jest.config.mjs',
      // Held by its own tests: what only a page far away would notice is not held.
      config: {
        globals: { coreAnew: true, patienceMs: 20_000 },
        testMatch: [...new Set([path, `src/${testedBy}`])].map(
          (tested) => `<rootDir>/${tested}/**/*.test.{ts,tsx}`,
        ),
      },
    },
    plugins: ['@stryker-mutator/*', join(ROOT, 'scripts/lib/looks.mjs')],
    ignorers: ['looks'],
    coverageAnalysis: 'perTest',
    // What is worked out once when a file is read cannot be told apart by test.
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 90_000,
    dryRunTimeoutMinutes: 30,
    reporters: ['progress-append-only', 'json'],
    jsonReporter: { fileName: REPORT },
    tempDirName: 'test-results/stryker',
    // What other runs write meanwhile.
    ignorePatterns: ['/test-results', '/data', '/.next'],
    allowConsoleColors: false,
  };
}
