import { expect, test } from './test';
import { goToStation, newPlan, saved, verdict } from './helpers';

test('a new plan is fine for its minutes and says on which cell that depends', async ({ page }) => {
  await newPlan(page, 'Promise');
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
  await expect(verdict(page)).toContainText(
    /for 10\smin, in \d+ of 100 classes · .* at first, .* at the end/,
  );
  await expect(verdict(page)).toContainText('holds if one cell reads at least');
  const times = page.getByRole('group', { name: 'Usual times' });
  await times.getByRole('button', { name: /just to show it/ }).click();
  await expect(verdict(page)).toContainText(/for 10\ss/);
  await times.getByRole('button', { name: /a lesson/ }).click();
  await expect(verdict(page)).toContainText(/for 45\smin/);
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
  await goToStation(page, 'Arrange');
  const table = page.getByRole('table', { name: 'What the first cell asks for' });
  await expect(table.getByRole('row').filter({ hasText: 'as planned' })).toHaveCount(1);
  await goToStation(page, 'Get ready');
  await page.getByRole('tab', { name: 'Shopping' }).click();
  const buy = page.getByRole('combobox', { name: 'Buy enough for' });
  const total = page.getByTestId('shopping-total');
  const before = await total.textContent();
  await expect(buy.getByRole('option')).not.toHaveCount(1);
  await buy.selectOption({ index: 1 });
  await expect(total).not.toHaveText(before ?? '');
});

test('what falls short offers what would help, one press each', async ({ page }) => {
  await newPlan(page, 'Helps');
  await goToStation(page, 'Arrange');
  const strings = page.getByRole('group', { name: 'strings side by side' });
  await strings.getByRole('button', { name: /Fewer/ }).click();
  await strings.getByRole('button', { name: /Fewer/ }).click();
  await expect(verdict(page)).not.toHaveAttribute('data-tone', 'fine');
  const helps = page.getByTestId('helps');
  await helps.getByRole('button', { name: /two more strings: dim for/ }).click();
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
  await expect(helps.getByRole('button', { name: /two more strings/ })).toHaveCount(0);
  await saved(page);
});

test('strong cells get a resistor; without it the plan is not fine', async ({ page }) => {
  await newPlan(page, 'Strong');
  await goToStation(page, 'Which cell?');
  await page.getByRole('radio', { name: /Zinc–carbon felt/ }).check();
  await goToStation(page, 'Arrange');
  const inSeries = page.getByRole('group', { name: 'cells in a string' });
  await inSeries.getByRole('button', { name: /More/ }).click();
  await inSeries.getByRole('button', { name: /More/ }).click();
  await expect(page.locator('[data-desk-picture]')).toContainText('Ω');
  await goToStation(page, 'What to power');
  const resistor = page.getByRole('combobox', { name: 'Resistor', exact: true });
  await resistor.selectOption('none');
  await expect(verdict(page)).toContainText('may be destroyed');
  await resistor.selectOption('my own');
  await page.getByLabel('Its resistance').fill('470');
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
});

test('a meter of one’s own changes what a reading means', async ({ page }) => {
  await newPlan(page, 'Meter');
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('0.93');
  await page.getByLabel('Short-circuit milliamps').fill('1.4');
  const figures = page.getByTestId('cell-figures');
  await expect(figures).toContainText('654');
  await page.getByRole('button', { name: 'Is your meter another one?' }).click();
  await page.getByLabel('On 20 mA').fill('60 Ω');
  await expect(figures).toContainText('604');
  await page.getByRole('button', { name: 'Back to the usual meter' }).click();
  await expect(figures).toContainText('654');
});
