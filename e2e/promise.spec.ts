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
