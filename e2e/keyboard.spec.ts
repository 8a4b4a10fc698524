import { expect, test, type Page } from './test';
import { verdict } from './helpers';

/** Presses Tab until something with this name has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 60; presses += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const element = document.activeElement;
      // Nothing has the focus yet; the page as a whole bears every name.
      if (element === document.body) return '';
      const id = element?.getAttribute('id');
      const labelled =
        id === null || id === undefined ? null : document.querySelector(`label[for="${id}"]`);
      return [
        element?.getAttribute('aria-label'),
        labelled?.textContent,
        element?.textContent,
        element?.closest('label')?.textContent,
      ].join(' ');
    });
    if (name.test(label)) return;
  }
  throw new Error(`nothing called ${name} can be reached by Tab`);
}

test('a plan is made, changed and measured without a pointer', async ({ page }) => {
  await page.goto('/');
  await tabTo(page, /New plan/);
  await page.keyboard.press('Enter');
  // Nobody types before it stands there; a test on a busy machine does.
  await expect(page.getByRole('textbox', { name: 'Name of the plan' })).toBeFocused();
  await page.keyboard.type('Keys only');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/power$/);
  await tabTo(page, /\bred\s*1\.70/);
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('radio', { name: /amber/ })).toBeChecked();
  await page.locator('body').press('3');
  await expect(page).toHaveURL(/\/arrange$/);
  const cells = page.getByRole('group', { name: 'cells in a string' }).locator('output');
  const before = Number(await cells.textContent());
  await page.keyboard.press(']');
  await expect(cells).toHaveText(String(before + 1));
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(cells).toHaveText(String(before - 1));
  await page.keyboard.press('Control+z');
  await expect(cells).toHaveText(String(before));
  await page.keyboard.press('Control+Shift+z');
  await expect(cells).toHaveText(String(before - 1));
  const strings = page.getByRole('group', { name: 'strings side by side' }).locator('output');
  const sideBySide = Number(await strings.textContent());
  await page.keyboard.press('}');
  await expect(strings).toHaveText(String(sideBySide + 1));
  await page.keyboard.press('{');
  await expect(strings).toHaveText(String(sideBySide));
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('5');
  await expect(page).toHaveURL(/\/build$/);
  await tabTo(page, /Read: cell 1, nothing connected/);
  await page.keyboard.type('0.2');
  await page.keyboard.press('Enter');
  // Said at once, and once more when every cause has been weighed.
  await expect(verdict(page)).toContainText(/cell 1/i);
});
