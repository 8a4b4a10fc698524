/** Directions of import; docs/architecture.md says why. */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'The core knows no framework, no interface and no database.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.tsx?$' },
      to: {
        pathNot: [
          '^src/core/',
          '^node_modules/(zod|pure-rand|odex|ml-matrix|ml-levenberg-marquardt|jstat|papaparse)/',
        ],
      },
    },
    {
      name: 'data-on-core',
      severity: 'error',
      from: { path: '^src/data/' },
      to: { path: '^src/(app|features|ui|server|workers|cli)/' },
    },
    {
      name: 'server-on-data-and-core',
      severity: 'error',
      from: { path: '^src/server/' },
      to: { path: '^src/(app|features|ui|workers|cli)/' },
    },
    {
      name: 'features-on-core-ui-workers',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^src/(app|server|data|cli)/' },
    },
    {
      name: 'features-apart',
      comment: 'What two features share belongs to ui or core.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'ui-on-core',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/(app|features|server|data|workers|cli)/' },
    },
    {
      name: 'workers-on-core',
      severity: 'error',
      from: { path: '^src/workers/' },
      to: { path: '^src/(app|features|ui|server|data|cli)/' },
    },
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
