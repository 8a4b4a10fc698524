/** Directions of import; docs/architecture.md says why. */

const TESTS = '\\.test\\.tsx?$';

/** What a layer must not import; its tests may use the demo scenario. */
function layer(name, path, forbidden) {
  return [
    { name, severity: 'error', from: { path, pathNot: TESTS }, to: { path: forbidden } },
    {
      name: `${name}-tests`,
      severity: 'error',
      from: { path: `${path}.*${TESTS}` },
      to: { path: forbidden, pathNot: '^src/cli/demo' },
    },
  ];
}

/** What a group of the core's folders may import of the core: itself and what it stands on. */
function group(name, path, allowed) {
  const to = `^src/core/(?!(${allowed.join('|')})(/|$))`;
  return [
    {
      name: `core-${name}`,
      severity: 'error',
      from: { path: `^src/core/${path}(/|$)`, pathNot: TESTS },
      to: { path: to },
    },
  ];
}

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'The core knows no framework, no interface and no database.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TESTS },
      to: {
        pathNot: [
          '^src/core/',
          '^node_modules/(zod|pure-rand|odex|ml-matrix|fastest-levenshtein|ml-levenberg-marquardt|jstat|papaparse|dayjs)/',
        ],
      },
    },
    // root ← numeric, formats ← physics ← records ← work ← documents (docs/adr/0013-rooms-of-the-core.md)
    ...group('root', '[^/]+\\.ts', ['[^/]+\\.ts']),
    ...group('numeric', 'numeric', ['numeric']),
    ...group('formats', 'formats', ['[^/]+\\.ts', 'numeric', 'formats']),
    ...group('physics', 'physics', ['[^/]+\\.ts', 'numeric', 'formats', 'physics']),
    ...group('records', 'records', ['[^/]+\\.ts', 'numeric', 'formats', 'physics', 'records']),
    ...group('work', 'work', ['[^/]+\\.ts', 'numeric', 'formats', 'physics', 'records', 'work']),
    {
      name: 'fixtures-in-tests-only',
      comment: 'What tests are set up with is no part of the product.',
      severity: 'error',
      from: { pathNot: [TESTS, '^src/testing/'] },
      to: { path: '^src/testing/' },
    },
    ...layer('data-on-core', '^src/data/', '^src/(app|features|ui|server|workers|cli)/'),
    ...layer('server-on-data-and-core', '^src/server/', '^src/(app|features|ui|workers|cli)/'),
    ...layer('features-on-core-ui-workers', '^src/features/', '^src/(app|server|data|cli)/'),
    {
      name: 'features-apart',
      comment: 'What two features share belongs to ui or core.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    ...layer('ui-on-core', '^src/ui/', '^src/(app|features|server|data|workers|cli)/'),
    ...layer('workers-on-core', '^src/workers/', '^src/(app|features|ui|server|data|cli)/'),
    {
      name: 'app-not-on-data',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/(data|cli)/' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'node', 'default'],
    },
  },
};
