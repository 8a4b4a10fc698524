import { expect, test } from './test';

const VIEWS = [
  ['shelf', '/'],
  ['power', '/plans/demo-lamp/power'],
  ['cell', '/plans/demo-lamp/cell'],
  ['arrange', '/plans/demo-lamp/arrange'],
  ['ready', '/plans/demo-lamp/ready'],
  ['build', '/plans/demo-lamp/build'],
  ['run', '/plans/demo-lamp/run'],
  ['board', '/plans/demo-lamp/build?part=board'],
  ['cupboard', '/cupboard'],
  ['i-have', '/i-have'],
  ['mixing', '/mixing'],
  ['recipes', '/recipes'],
  ['fair-test', '/fair-tests/demo-six-plants'],
  ['reality', '/reality-check?ask=example.ferry'],
  ['drill', '/drill?level=4&seed=3'],
  ['series', '/series-or-parallel?step=2'],
  ['metals', '/metals'],
  ['wall', '/wall/demo-lamp'],
  ['school', '/school'],
] as const;

for (const [name, path] of VIEWS) {
  test(name, async ({ page }) => {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await page.evaluate(() => document.fonts.ready);
    // Nothing is still being worked out.
    await expect(page.getByText(/^(…|Looking for .*|Working it out …)$/)).toHaveCount(0);
    await page.waitForTimeout(500);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  });
}
