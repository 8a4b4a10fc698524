import { expect, test } from './test';
import { goToStation } from './helpers';

test('Ctrl K goes to a word and to a plan; the first Tab skips to the content', async ({
  page,
}) => {
  await page.goto('/plans/demo-lamp/power');
  const go = async (typed: string): Promise<void> => {
    const field = page.getByRole('combobox', { name: /^Go to a plan/ });
    // Until the page listens a key is nobody’s.
    await expect(async () => {
      if (!(await field.isVisible())) await page.keyboard.press('Control+k');
      await expect(field).toBeVisible({ timeout: 1500 });
    }).toPass();
    await field.fill(typed);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await go('cathode');
  await expect(page).toHaveURL(/\/help#word-cathode$/);
  await expect(page.locator('#word-cathode')).toBeInViewport();
  await go('fog bell');
  await expect(page).toHaveURL(/demo-fog-bell\/arrange$/);
  await page.reload();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('#content')).toBeFocused();
  // A figure leads to its sum, and on to where its constants stand.
  await page
    .getByRole('button', { name: /of 100 classes/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'How much cells and joints differ' }).click();
  const source = page.getByRole('region', { name: 'How much cells and joints differ' });
  await expect(source).toBeInViewport();
});

test('the verdict stays in view while the page scrolls, a station opens at its top, and − + do what brackets do', async ({
  page,
}) => {
  await page.goto('/plans/demo-lamp/arrange');
  const cells = page.getByRole('group', { name: 'cells in a string' }).locator('output');
  const before = Number(await cells.textContent());
  await page.keyboard.press('+');
  await expect(cells).toHaveText(String(before + 1));
  await page.keyboard.press('-');
  await expect(cells).toHaveText(String(before));
  await page.setViewportSize({ width: 1280, height: 500 });
  await goToStation(page, 'Get ready');
  // While the station before is still shown, it would be that which is scrolled.
  await expect(page).toHaveURL(/\/ready$/);
  const down = () => page.evaluate(() => window.scrollY);
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    expect(await down()).toBeGreaterThan(100);
  }).toPass({ timeout: 20_000 });
  await expect(page.getByRole('banner').getByTestId('verdict')).toBeInViewport();
  await goToStation(page, 'Arrange');
  await expect(cells).toBeVisible();
  await expect.poll(down).toBe(0);
});

test('the dark setting of the system is followed until somebody chooses; a tour declined stays so', async ({
  page,
}) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto('/');
  const paper = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const dark = await paper();
  await page.getByRole('button', { name: 'Light theme' }).click();
  await expect.poll(paper).not.toBe(dark);
  await page.getByRole('button', { name: 'No, thanks' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Dark theme' })).toBeVisible();
  await expect(page.getByText('New here?')).toHaveCount(0);
});
