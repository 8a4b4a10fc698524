/**
 * `npm run mutate`: changes the core in small ways, one at a time, and looks whether a test fails. Not part of `npm test`:
 * it takes hours. What survives and does not matter is written down in docs/mutants.md.
 */
const FOLDERS = ['physics/chance', 'physics/time', 'work/planning', 'work/diagnosis'];

export default {
  mutate: [...FOLDERS.map((folder) => `src/core/${folder}/**/*.ts`), '!src/**/*.test.ts'],
  testRunner: 'jest',
  jest: { configFile: 'jest.mutate.config.mjs' },
  coverageAnalysis: 'perTest',
  // What is worked out once when a file is read cannot be told apart by test.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  reporters: ['clear-text', 'progress', 'json'],
  jsonReporter: { fileName: 'test-results/mutants.json' },
  thresholds: { high: 90, low: 75, break: 75 },
  tempDirName: 'test-results/stryker',
};
