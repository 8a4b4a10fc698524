/** No folders of the core form a cycle; tests, which may look at anything, are left out. */
const { options } = require('./.dependency-cruiser.cjs');

module.exports = {
  forbidden: [
    {
      name: 'no-folder-cycles',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/core/' },
      to: { path: '^src/core/', circular: true },
    },
  ],
  options: { ...options, exclude: { path: '\\.test\\.tsx?$|^src/testing/' } },
};
