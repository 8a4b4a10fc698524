import nextVitals from 'eslint-config-next/core-web-vitals';
import tseslint from 'typescript-eslint';

/** What looks through components as their compiler does: only where there are any. */
const COMPONENT_RULES = Object.fromEntries(
  nextVitals
    .flatMap(({ plugins }) => Object.keys(plugins?.['react-hooks']?.rules ?? {}))
    .map((rule) => [`react-hooks/${rule}`, 'off']),
);

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'data/**',
      'drizzle/**',
      'next-env.d.ts',
      'playwright-report/**',
      'test-results/**',
    ],
  },
  ...nextVitals,
  ...tseslint.configs.strict,
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      // TypeScript says it itself (noUnusedLocals, noUnusedParameters).
      '@typescript-eslint/no-unused-vars': 'off',
      // Rules about class components and other ways of writing that are not used here.
      'react/display-name': 'off',
      'react/no-deprecated': 'off',
      'react/no-direct-mutation-state': 'off',
      'react/require-render-return': 'off',
      // Index access is checked by noUncheckedIndexedAccess; solvers assert what their loops guarantee.
      '@typescript-eslint/no-non-null-assertion': 'off',
      'max-lines': ['warn', { max: 320, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // The core is pure: no clock, no chance, no environment.
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'setTimeout',
        'console',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance is a parameter in the core.' },
        { object: 'Date', property: 'now', message: 'Time is a parameter in the core.' },
      ],
    },
  },
  {
    files: [
      '**/*.{mjs,test.ts,test.tsx}',
      '{benchmarks,e2e}/**',
      'src/{cli,core,data,server,testing}/**',
    ],
    rules: COMPONENT_RULES,
  },
  {
    // Its configuration is read as CommonJS.
    files: ['.dependency-cruiser*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
);
