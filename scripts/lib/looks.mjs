/** What an element looks like is looked at, in the browser and on pictures: no unit test holds a margin. */
const LOOKS = new Set(['sx', 'style']);

export const strykerPlugins = [
  {
    kind: 'Ignore',
    name: 'looks',
    value: {
      shouldIgnore: (path) =>
        path.isJSXAttribute() && LOOKS.has(path.node.name.name)
          ? 'what it looks like is looked at'
          : undefined,
    },
  },
];
