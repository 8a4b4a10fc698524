import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import {
  checkNode,
  ensureBuild,
  ensureChromium,
  ensureDependencies,
  ensureNgspice,
} from './lib/prepare.mjs';
import { writeChecks } from './lib/checks.mjs';
import { binary, ROOT, run } from './lib/run.mjs';

/** `npm test`: everything that must hold, from a fresh clone on. Ends with a line `N passed, M failed`. */

const UNIT_RESULTS = 'test-results/unit.json';
const BROWSER_RESULTS = 'test-results/browser.json';
const CHECKS_PAGE = 'docs/checks.md';

checkNode();
// What comes from Debian needs nothing of what comes from the registry.
await Promise.all([ensureDependencies(), ensureDebianPackages()]);
rmSync(`${ROOT}test-results`, { recursive: true, force: true });
mkdirSync(`${ROOT}test-results`, { recursive: true });

async function ensureDebianPackages() {
  await ensureChromium();
  await ensureNgspice();
}

let passed = 0;
let failed = 0;

async function check(name, [command, ...words], parameters) {
  console.log(`\n== ${name}`);
  const { code } = await run(command, [...words, ...parameters]);
  if (code === 0) passed += 1;
  else {
    failed += 1;
    console.error(`${name} failed.`);
  }
  return code === 0;
}

function results(file) {
  return JSON.parse(readFileSync(`${ROOT}${file}`, 'utf8'));
}

/** Takes the counts of a test runner instead of counting the run as one. */
function countRun(succeeded, counts) {
  passed += counts.passed - (succeeded ? 1 : 0);
  failed += succeeded ? 0 : Math.max(0, counts.failed - 1);
}

// The compiler takes a core for about as long as all the others.
await Promise.all([
  check('types', binary('typescript-native/bin/tsc'), ['--noEmit', '--checkers', '1']),
  otherStaticChecks(),
]);

async function otherStaticChecks() {
  await check('lint', binary('oxlint/bin/oxlint'), ['--deny-warnings']);
  await check('formatting', binary('oxfmt/bin/oxfmt'), ['--check', '.']);
  await check('import directions', binary('dependency-cruiser/bin/dependency-cruise.mjs'), [
    'src',
    '--config',
    '.dependency-cruiser.cjs',
  ]);
  await check('folder cycles', binary('dependency-cruiser/bin/dependency-cruise.mjs'), [
    'src/core',
    '--config',
    '.dependency-cruiser.folders.cjs',
  ]);
  await check('unused code', binary('knip/bin/knip.js'), ['--no-config-hints']);
}

const unit = await check('unit tests', binary('jest/bin/jest.js'), [
  '--ci',
  '--json',
  '--testLocationInResults',
  `--outputFile=${UNIT_RESULTS}`,
]);
const { numPassedTests, numFailedTests } = results(UNIT_RESULTS);
countRun(unit, { passed: numPassedTests, failed: numFailedTests });
const checks = writeChecks(ROOT, UNIT_RESULTS, CHECKS_PAGE);
console.log(`${CHECKS_PAGE}: ${checks} families of checks against the outside.`);

console.log('\n== build');
await ensureBuild();
passed += 1;

const browser = await check('browser tests', binary('@playwright/test/cli.js'), ['test']);
const { stats } = results(BROWSER_RESULTS);
countRun(browser, { passed: stats.expected + stats.flaky, failed: stats.unexpected });

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
