import { expect, test, type Page } from './test';
import { saved } from './helpers';

const choose = async (page: Page, field: string, option: string): Promise<void> => {
  await page.getByRole('combobox', { name: field }).selectOption(option);
};

test('metals: what is read against what the tables allow, both wordings, identical metals', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Metals and potentials' }).click();
  const answer = page.getByTestId('metal-answer');
  await expect(answer).toContainText(/0\.85\sV to 1\.00\sV: copper is \+, zinc is −/);
  await expect(page.getByTestId('electrode-minus')).toContainText('the anode');
  await expect(page.getByTestId('electrode-minus')).toContainText('The metal is eaten away');
  await page.getByRole('button', { name: 'University' }).click();
  await expect(page.getByTestId('electrode-minus')).toContainText('Zn(s) → Zn²⁺(aq) + 2 e⁻');
  await expect(page.getByTestId('electrode-plus')).toContainText('2 H⁺(aq) + 2 e⁻ → H₂(g)');
  await page.getByRole('button', { name: 'Each in its own salt' }).click();
  await expect(page.getByTestId('electrode-plus')).toContainText('Cu²⁺(aq) + 2 e⁻ → Cu(s)');
  await choose(page, 'One metal', 'zinc');
  await expect(answer).toContainText('Nothing happens');
  await saved(page);
  await page.reload();
  await expect(answer).toContainText('Nothing happens');
  await page.getByRole('button', { name: 'Salt water' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await choose(page, 'The other', 'aluminium');
  await expect(answer).toContainText('zinc is +, aluminium is −');
});

test('coins: year, scale and magnet tell what is inside; an unknown coin is told about', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Coins', exact: true }).click();
  const table = page.getByTestId('coin-table');
  await expect(table.getByRole('row')).toHaveCount(7);
  await page.getByLabel('Mass, g').fill('2,5');
  await expect(table.getByRole('row')).toHaveCount(2);
  await expect(table).toContainText('grey zinc: a − electrode');
  await choose(page, 'From where', 'United Kingdom');
  await page.getByLabel('Mass, g').fill('3.56');
  await expect(table).toContainText('steel under the copper');
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await expect(table).toContainText('the same bronze all through');
  await page.getByLabel('Mass, g').fill('lots');
  await expect(page.getByText('“lots” is not')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(table).toContainText('steel under the copper');
  await choose(page, 'From where', 'Anywhere else');
  await expect(page.getByTestId('unknown-coin')).toContainText('use zinc-coated washers');
  await expect(page.getByText('check local law')).toBeVisible();
});
