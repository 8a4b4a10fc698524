import { expect, test } from './test';
import { counting, saved, visibleWords } from './helpers';

test('from nothing to a printed pupil sheet: at most eight actions and seven hundred words', async ({
  page,
}) => {
  const { act, count } = counting();
  let words = 0;
  // On the first visit there are no plans on the shelf.
  const read = async (): Promise<void> => {
    words += await visibleWords(page, 'article');
  };
  await page.goto('/');
  await read();
  await act(page.getByRole('button', { name: 'New plan' }).click());
  await read();
  await act(page.getByLabel('Name of the plan').fill('Quick lamp'));
  await act(page.getByRole('button', { name: 'Make the plan' }).click());
  await expect(page).toHaveURL(/\/power$/);
  await saved(page);
  await read();
  await act(page.locator('body').press('p'));
  await expect(page.getByAltText('Page 2 of the sheet')).toBeVisible();
  await read();
  const opened = page.waitForEvent('popup');
  await act(page.getByRole('link', { name: 'Open to print' }).click());
  await opened;
  expect(count()).toBeLessThanOrEqual(8);
  expect(words).toBeLessThanOrEqual(700);
});
