import { expect, test } from './test';
import { counting, saved } from './helpers';

test('from nothing to a printed pupil sheet: at most eight actions', async ({ page }) => {
  const { act, count } = counting();
  await page.goto('/');
  await act(page.getByRole('button', { name: 'New plan' }).click());
  await act(page.getByLabel('Name of the plan').fill('Quick lamp'));
  await act(page.getByRole('button', { name: 'Make the plan' }).click());
  await expect(page).toHaveURL(/\/power$/);
  await saved(page);
  await act(page.locator('body').press('p'));
  await expect(page.getByAltText('Page 2 of the sheet')).toBeVisible();
  const opened = page.waitForEvent('popup');
  await act(page.getByRole('link', { name: 'Open to print' }).click());
  await opened;
  expect(count()).toBeLessThanOrEqual(8);
});
