import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import {
  buildApp,
  checkNode,
  ensureChromium,
  ensureCompiled,
  ensureNgspice,
  ensurePackages,
} from './lib/prepare.mjs';
import { writeChecks } from './lib/checks.mjs';
import { binary, ROOT, run } from './lib/run.mjs';

/** `npm test`: everything that must hold, from a fresh clone on. Ends with a line `N passed, M failed`. */

const UNIT_RESULTS = 'test-results/unit.json';
const BROWSER_RESULTS = 'test-results/browser.json';
const CHECKS_PAGE = 'docs/checks.md';

let passed = 0;
let failed = 0;

checkNode();
// What comes from Debian needs nothing of what comes from the registry.
await Promise.all([ensurePackages(), ensureDebianPackages()]);
rmSync(`${ROOT}test-results`, { recursive: true, force: true });
mkdirSync(`${ROOT}test-results`, { recursive: true });

// What is read and built needs no database; on a fresh machine it is compiled meanwhile. No core waits for another.
const [built] = await Promise.all([lookAtSources().then(build), ensureCompiled().then(unitTests)]);
if (built) await browserTests();

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

async function ensureDebianPackages() {
  await ensureChromium();
  await ensureNgspice();
}

async function lookAtSources() {
  await check('types', 'typescript-native/bin/tsc', ['--noEmit', '--checkers', '1']);
  await check('lint', 'oxlint/bin/oxlint', ['--deny-warnings']);
  await check('formatting', 'oxfmt/bin/oxfmt', ['--check', '.']);
  const directions = 'dependency-cruiser/bin/dependency-cruise.mjs';
  await check('import directions', directions, ['src', '--config', '.dependency-cruiser.cjs']);
  await check('folder cycles', directions, [
    'src/core',
    '--config',
    '.dependency-cruiser.folders.cjs',
  ]);
  await check('unused code', 'knip/bin/knip.js', ['--no-config-hints']);
}

async function build() {
  const there = await buildApp({ held: true });
  count('build', there);
  return there;
}

async function unitTests() {
  const parameters = ['--ci', '--json', '--testLocationInResults', `--outputFile=${UNIT_RESULTS}`];
  // Much is made that is not kept: in more room it is cleared away in half of the time. What Jest starts has it too.
  const [node, jest] = command('jest/bin/jest.js', parameters);
  const code = await run(node, ['--max-semi-space-size=64', ...jest]);
  const counts = results(UNIT_RESULTS, ({ numPassedTests, numFailedTests }) => ({
    passed: numPassedTests,
    failed: numFailedTests,
  }));
  countRun('unit tests', code === 0, counts);
  pageOfChecks();
}

/** A comment that does not say what a check is held to counts as a failure; the rest goes on. */
function pageOfChecks() {
  if (!existsSync(`${ROOT}${UNIT_RESULTS}`)) return;
  try {
    const checks = writeChecks(ROOT, UNIT_RESULTS, CHECKS_PAGE);
    console.log(`${CHECKS_PAGE}: ${checks} families of checks against the outside.`);
  } catch (error) {
    console.error(error.message);
    count(CHECKS_PAGE, false);
  }
}

async function browserTests() {
  const code = await run(...command('@playwright/test/cli.js', ['test']));
  const counts = results(BROWSER_RESULTS, ({ stats }) => ({
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected,
  }));
  countRun('browser tests', code === 0, counts);
}

/** A check that counts as one; what it says comes in one piece, as others go on beside it. */
async function check(name, path, parameters) {
  count(name, (await run(...command(path, parameters), { held: true })) === 0);
}

function command(path, parameters) {
  const [node, script] = binary(path);
  return [node, [script, ...parameters]];
}

function count(name, succeeded) {
  if (succeeded) passed += 1;
  else failed += 1;
  console.log(`== ${name}: ${succeeded ? 'passed' : 'FAILED'}`);
}

/** Takes the counts of a test runner; where it failed without a failed test, that is one. */
function countRun(name, succeeded, counts) {
  passed += counts.passed;
  const missed = succeeded ? 0 : Math.max(1, counts.failed);
  failed += missed;
  console.log(`== ${name}: ${counts.passed} passed, ${missed} failed`);
}

/** What a test runner wrote; nothing where it broke off before it did. */
function results(file, countsOf) {
  if (!existsSync(`${ROOT}${file}`)) return { passed: 0, failed: 0 };
  return countsOf(JSON.parse(readFileSync(`${ROOT}${file}`, 'utf8')));
}
