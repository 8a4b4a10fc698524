import axe from 'axe-core';
import { follow } from './helpers';
import { expect, test, type Page } from './test';

/** What axe finds wrong with a page, a line for each rule. Its script is put into a page once, not with each question. */
async function expectNoViolations(page: Page, rules: readonly string[] = []): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const summary = await page.evaluate(async (only) => {
    const { run } = (window as unknown as { axe: typeof axe }).axe;
    const { violations } = await run({
      // Only what is wrong is worked out.
      resultTypes: ['violations'],
      ...(only.length === 0 ? {} : { runOnly: [...only] }),
    });
    return violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map((node) => `${node.target.join(' ')} ${node.failureSummary}`).join(' | ')}`,
    );
  }, rules);
  expect(summary).toEqual([]);
}

const VIEWS = [
  '/',
  '/plans/demo-lamp/power',
  '/plans/demo-fog-bell/power',
  '/plans/demo-lamp/cell',
  '/plans/demo-lamp/arrange',
  '/plans/demo-tide-clock/arrange',
  '/plans/demo-lamp/ready',
  '/plans/demo-lamp/build',
  '/plans/demo-lamp/run',
  '/plans/demo-lamp/reality',
  '/reality-check?ask=example.weld',
  '/drill?level=4&seed=3',
  '/series-or-parallel',
  '/help?part=sources',
  '/cupboard',
  '/i-have',
  '/mixing',
  '/two-solutions',
  '/recipes',
  '/recipes/shipped/coin-pile-brine',
  '/recipes/demo-harbour-pile',
  '/metals',
  '/coins',
  '/fair-tests',
  '/fair-tests/demo-six-plants',
  '/school',
  '/safekeeping',
  '/wall/demo-lamp',
];

/** The dark theme has the same roles everywhere: views that show all of them between them. */
const IN_THE_DARK = ['/', '/plans/demo-lamp/cell', '/plans/demo-lamp/build', '/coins'];

/** Both workers have their half; within it the page is left open, so that scripts are read once. */
const HALVES = [0, 1].map((half) => VIEWS.filter((_, index) => index % 2 === half));

const DESK = { width: 1280, height: 800 };

async function onADesk(page: Page): Promise<void> {
  await page.setViewportSize(DESK);
  await expectNoViolations(page);
}

async function onAPhone(page: Page): Promise<void> {
  await page.setViewportSize({ width: 390, height: 844 });
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth))
    .toBeLessThanOrEqual(0);
}

for (const [half, views] of HALVES.entries()) {
  test(`every view, also on a phone: half ${half + 1}`, async ({ page }) => {
    test.setTimeout(480_000);
    await page.goto('/');
    for (const [index, view] of views.entries()) {
      await test.step(view, async () => {
        await follow(page, view);
        // The next view comes at the width that this one ends with: nothing is laid out only to be left.
        for (const look of index % 2 === 0 ? [onADesk, onAPhone] : [onAPhone, onADesk]) {
          await look(page);
        }
        if (IN_THE_DARK.includes(view)) await expectVisibleInTheDark(page);
      });
    }
  });
}

async function expectVisibleInTheDark(page: Page): Promise<void> {
  // On a desk more stands beside it than on a phone.
  await page.setViewportSize(DESK);
  await page.getByRole('button', { name: 'Dark theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-dark', '');
  // The tooltip of the switch stands outside all landmarks while it is pointed at.
  await page.mouse.move(0, 0);
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await expect(page.getByRole('tooltip')).toHaveCount(0);
  // Only the colours are others, once they have faded over.
  await expect(() => expectNoViolations(page, ['color-contrast'])).toPass({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Light theme' }).click();
}

// The other parts of the stations are scanned in jsdom, where they are tested.
test('pages without a plan: joining, the passcode, and a dialog over the shelf', async ({
  page,
}) => {
  for (const path of ['/join', '/passcode', '/']) {
    await page.goto(path);
    if (path === '/') {
      await page.getByRole('button', { name: 'New plan' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    }
    await expectNoViolations(page);
  }
});
