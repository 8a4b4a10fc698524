import axe from 'axe-core';

/** Rules about what is laid out, coloured or hidden by its width: the browser looks at these in every view. */
const OF_THE_BROWSER = [
  'color-contrast',
  'landmark-unique',
  'region',
  'scrollable-region-focusable',
  'target-size',
];

/** Expects what is shown, or a part of it such as a dialog, to break none of axe’s rules about names, roles and structure; each fault with its place. */
export async function expectAccessible(within: Element = document.body): Promise<void> {
  const { violations, passes } = await axe.run(within, {
    resultTypes: ['violations'],
    rules: Object.fromEntries(OF_THE_BROWSER.map((rule) => [rule, { enabled: false }])),
  });
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`),
  ).toEqual([]);
  // An empty page breaks no rule either.
  expect(passes.length).toBeGreaterThan(5);
}
