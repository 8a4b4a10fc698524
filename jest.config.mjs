import nextJest from 'next/jest.js';

const withNext = nextJest({ dir: './' });

const settings = {
  testEnvironment: 'node',
  // Every core: the usual number leaves one of two idle.
  maxWorkers: '100%',
  // Nothing is timed here: a machine that others use too may take long over a page that is typed into.
  testTimeout: 180_000,
  setupFiles: ['<rootDir>/jest.setup.mjs'],
  runtime: '<rootDir>/jest.runtime.cjs',
  // Copies of the sources that mutants are made in.
  modulePathIgnorePatterns: ['<rootDir>/test-results/'],
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/scripts/**/*.test.mjs'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
};

/** Pages are compiled as the app's are, by the React compiler too: what an edit does not touch is not drawn anew. */
const compiled = {
  jsc: {
    target: 'es2022',
    parser: { syntax: 'typescript', tsx: true },
    transform: { react: { runtime: 'automatic' }, reactCompiler: true },
  },
  module: { type: 'commonjs' },
};

/** Packages that ship ES modules only. */
const esModules = [
  'country-to-currency',
  'ml-levenberg-marquardt',
  'is-any-array',
  'pure-rand',
  'react-hotkeys-hook',
];

export default async function config() {
  const resolved = await withNext(settings)();
  return {
    ...resolved,
    transform: { '^.+\\.(ts|tsx|js|mjs)$': ['@swc/jest', { swcrc: false, ...compiled }] },
    transformIgnorePatterns: [
      `/node_modules/(?!(${esModules.join('|')})/)`,
      '^.+\\.module\\.(css|sass|scss)$',
    ],
  };
}
