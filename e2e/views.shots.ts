import type { Page } from '@playwright/test';
import { PORT } from '../playwright.config';
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
  ['fair-test', '/fair-tests/demo-six-plants'],
  ['reality', '/reality-check?ask=example.ferry'],
  ['drill', '/drill?level=4&seed=3'],
  ['series', '/series-or-parallel?step=2'],
  ['wall', '/wall/demo-lamp'],
  ['school', '/school'],
] as const;

for (const [name, path] of VIEWS) {
  test(name, async ({ page }) => {
    await page.goto(path);
    await atRest(page);
    // Where a bench is judged, the fault finder has answered.
    if (name === 'board' || name === 'wall' || name === 'build') {
      await expect(page.getByText(/metals touch inside cell 3/).first()).toBeVisible();
    }
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  });
}

test('first-cell', async ({ page }) => {
  await page.goto('/plans/demo-fog-bell/arrange');
  await atRest(page);
  const card = page.getByRole('region', { name: 'Build one, then decide' });
  await card.evaluate((one) => one.scrollIntoView({ block: 'center' }));
  await page.screenshot({ path: 'docs/screenshots/first-cell.png' });
});

test('phone', async ({ page, browser }) => {
  const running = await page.request.post('/api/lessons/demo-lamp/class', {
    data: { running: true },
  });
  const { running: started } = (await running.json()) as { running: { code: string } };
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(`http://127.0.0.1:${PORT + 1}/join`);
  await phone.getByLabel('Code of the class').fill(started.code);
  await phone.getByRole('button', { name: 'Go on' }).click();
  await phone.getByRole('button', { name: 'Dunlin' }).click();
  await expect(phone.getByRole('heading', { name: 'Group Dunlin' })).toBeVisible();
  await phone.screenshot({ path: 'docs/screenshots/phone.png' });
});

async function atRest(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  // Nothing is still being worked out.
  await expect(page.getByText(/^(…|Looking for .*|Working it out …)$/)).toHaveCount(0);
  await page.waitForTimeout(500);
}
