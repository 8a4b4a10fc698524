import { expect, test } from './test';
import { saved } from './helpers';
import { pdfText } from './pdfText';

test('electrolyte for the class: grams follow, it is kept, undo brings it back, too strong is refused', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Mixing bench' }).click();
  const card = page.getByTestId('mixing-card');
  // 24 cells of 10 mL with a fifth to spare: 288 mL, 18 g in 100 mL.
  await expect(card).toContainText('288 mL of hot water');
  await expect(card).toContainText('51.8 g of table salt');
  await expect(card.getByTestId('saturation')).toContainText('50 % of what dissolves');
  await page.getByRole('button', { name: 'litres in all' }).click();
  await page.getByLabel('Litres in all').fill('2');
  await expect(card).toContainText(/2.?000 mL of hot water/);
  const printed = await page.request.get(
    (await page.getByRole('link', { name: 'Print the card' }).getAttribute('href')) ?? '',
  );
  expect((await pdfText(await printed.body())).join(' ')).toContain('360 g of table salt');
  await page.getByRole('button', { name: 'for each cell' }).click();
  await page.getByRole('button', { name: 'Vinegar and salt' }).click();
  await expect(card).toContainText('does not neutralise');
  await page.getByLabel('Cells in the class').fill('30');
  await expect(card).toContainText('360 mL of vinegar');
  await saved(page);
  await page.reload();
  await expect(card).toContainText('360 mL of vinegar');
  await page.getByRole('button', { name: 'Brine', exact: true }).click();
  await page.getByRole('slider').press('End');
  await expect(page.getByTestId('mixing-refused')).toContainText('the rest stays at the bottom');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toContainText('360 mL of hot water');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toContainText('360 mL of vinegar');
});
