import { expect, test } from '@playwright/test';

test('electrolyte for the class: grams follow, the address keeps it, Back undoes, too strong is refused', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Mixing bench' }).click();
  const card = page.getByTestId('mixing-card');
  // 24 cells of 10 mL with a fifth to spare: 288 mL, 18 g in 100 mL.
  await expect(card).toContainText('288 mL of hot water');
  await expect(card).toContainText('51.8 g of table salt');
  await page.getByRole('button', { name: 'Vinegar and salt' }).click();
  await expect(card).toContainText('does not neutralise');
  await page.getByLabel('Cells in the class').fill('30');
  await expect(card).toContainText('360 mL of vinegar');
  await page.reload();
  await expect(card).toContainText('360 mL of vinegar');
  await page.goBack();
  await expect(card).toContainText('288 mL');
  await page.goto('/mixing?electrolyte=brine&cells=24&millilitres=10&strength=2.5');
  await expect(page.getByTestId('mixing-refused')).toContainText('the rest stays at the bottom');
});

test('two solutions: the sentence follows the strengths, water turns it round, no bridge no cell', async ({
  page,
}) => {
  await page.goto('/two-solutions');
  const reads = page.getByTestId('nernst');
  await expect(reads).toContainText(/29\.6\smV: the right side is \+/);
  for (let times = 0; times < 4; times += 1) {
    await page.getByRole('button', { name: 'Right: copper sulfate: add as much water' }).click();
  }
  await expect(reads).toContainText('the left side is +');
  await page.goBack();
  await expect(reads).toContainText('the right side is +');
  await page.getByRole('button', { name: 'Nothing' }).click();
  await expect(reads).toContainText('without a bridge');
  await page.getByRole('button', { name: 'Wick or salt bridge' }).click();
  await page.getByRole('button', { name: 'Zinc and copper' }).click();
  await expect(reads).toContainText(/1\.1\d\sV/);
});
