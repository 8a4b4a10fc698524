import { expect, test, type Page } from './test';
import { counting, goToStation, newPlan, saved } from './helpers';

test('from nothing to a printed pupil sheet: at most eight actions', async ({ page }) => {
  const { act, count } = counting();
  await page.goto('/');
  await act(page.getByRole('button', { name: 'New plan' }).click());
  await act(page.getByLabel('What is it for?').fill('Quick lamp'));
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

/** A plan of its own with another recipe. */
async function withRecipe(page: Page, title: string, recipe: RegExp): Promise<void> {
  await newPlan(page, title);
  await goToStation(page, 'Which cell?');
  await page.getByRole('radio', { name: recipe }).check();
}

test('fruit in pieces: quarters are cells of their own, an adult cuts, and fewer fruit are bought', async ({
  page,
}) => {
  await withRecipe(page, 'Quarters', /^Fruit/);
  await page.getByRole('button', { name: 'quarters' }).click();
  await expect(page.getByText('An adult cuts.')).toBeVisible();
  await expect(page.getByText('lemon quarter', { exact: false }).first()).toBeVisible();
  await goToStation(page, 'Get ready');
  await page.getByRole('tab', { name: 'Cut and mix' }).click();
  await expect(page.getByRole('heading', { name: /lemons cut into quarters/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Timetable' }).click();
  await page.getByLabel('Lesson date').fill('2031-01-31');
  await expect(page.getByTestId('timeline')).toContainText('Cut the fruit, an adult');
});

test('liquids: vinegar changes text, mixing, caution and volts; all stand side by side; a wide separator leaks', async ({
  page,
}) => {
  await withRecipe(page, 'Pile', /^Coin pile/);
  await expect(page.getByText('Stir 1 tablespoon of salt', { exact: false })).toBeVisible();
  const table = page.getByRole('table', { name: 'The same battery with each' });
  await table.getByRole('button', { name: 'Take coin cell with felt in vinegar' }).click();
  await expect(page.getByText('Pour out vinegar of 5 %', { exact: false })).toBeVisible();
  await expect(page.getByText('Stir 1 tablespoon of salt', { exact: false })).toHaveCount(0);
  await expect(page.getByText(/vinegar and citric acid sting/).first()).toBeVisible();
  await page.getByLabel('Separator wider than the metal by').fill('2');
  await expect(page.getByTestId('overhang-words')).toContainText('leak about 2 kΩ');
  await page.getByLabel('Separator wider than the metal by').fill('-1');
  await expect(page.getByTestId('overhang-words')).toHaveCount(0);
  await goToStation(page, 'Get ready');
  await page.getByRole('tab', { name: 'Cut and mix' }).click();
  await expect(page.getByRole('heading', { name: /Vinegar of 5 %, as it is/ })).toBeVisible();
  await expect(page.getByText(/^Discs of 18 mm/)).toBeVisible();
});
