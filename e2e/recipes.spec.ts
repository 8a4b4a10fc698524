import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { newPlan, saved, verdict } from './helpers';

test('a shipped recipe is read, made one’s own, changed, undone and used in a plan', async ({
  page,
}) => {
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Magnesium–graphite, wet' }).click();
  await expect(page.getByText('A film covers the magnesium')).toBeVisible();
  await expect(page.getByText('burns white-hot')).toBeVisible();
  await page.getByRole('button', { name: 'Make it my own' }).click();
  await expect(page).toHaveURL(/\/recipes\/[^/]+$/);
  await page.getByLabel('Name of the recipe').fill('Skerry cell');
  await page.getByLabel('Short-circuit milliamps, highest').fill('80');
  const figures = page.getByTestId('recipe-figures');
  await expect(figures).toContainText(/28\.\d\smA shorted/);
  await page.getByLabel('Open-circuit volts, lowest').fill('2');
  await expect(page.getByText('The lowest reading must not be above the highest.')).toBeVisible();
  await expect(figures).toContainText(/1\.50\sV/);
  await page.getByLabel('Open-circuit volts, lowest').fill('1.45');
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByRole('textbox', { name: 'Step 4' }).fill('Count the pieces back.');
  await page.getByRole('button', { name: 'Move step 4 up' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 3' })).toHaveValue('Count the pieces back.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 4' })).toHaveValue('Count the pieces back.');
  // The family's own cautions cannot be unticked.
  await expect(page.getByRole('checkbox', { name: /burns white-hot/ })).toBeDisabled();
  await saved(page);

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export this recipe as a file' }).click();
  const file = await (await download).path();
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({
    format: 'grozer-recipe',
    title: 'Skerry cell',
  });

  await newPlan(page, 'Skerry lamp');
  await page.goto(page.url().replace(/power$/, 'cell'));
  await page.getByRole('radio', { name: /Skerry cell/ }).check();
  await expect(verdict(page)).toContainText('LED');
  await expect(page.getByTestId('cell-figures')).toContainText(/1\.50\sV/);
  await saved(page);

  // A change of the recipe is offered to the plan, not forced on it.
  const plan = page.url();
  await page.goto('/recipes');
  await page.getByRole('link', { name: 'Skerry cell' }).click();
  await page.getByLabel('Open-circuit volts, highest').fill('1.65');
  await saved(page);
  await page.goto(plan);
  await expect(page.getByTestId('cell-figures')).toContainText(/1\.50\sV/);
  await page.getByRole('button', { name: 'Use these changes' }).click();
  await expect(page.getByTestId('cell-figures')).toContainText(/1\.55\sV/);
});

test('an own recipe is duplicated, deleted with undo, imported; a broken file is refused with its fault', async ({
  page,
}) => {
  await page.goto('/recipes');
  const own = page.getByRole('list', { name: 'Your own recipes' });
  await page.getByRole('button', { name: 'Make my own from Root vegetable' }).click();
  await page.getByLabel('Name of the recipe').fill('Dune root');
  await saved(page);
  await page.goto('/recipes');
  const card = own.getByRole('listitem').filter({ hasText: /^Dune root\+/ });
  await card.getByRole('button', { name: 'Duplicate' }).click();
  await expect(own.getByText('Dune root (copy)')).toBeVisible();
  await card.getByRole('button', { name: 'Delete' }).click();
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toHaveCount(1);
  const broken = { format: 'grozer-recipe', version: 1, title: 'Broken', steps: [] };
  await page.getByLabel('Import a recipe: file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(broken)),
  });
  await expect(page.getByTestId('refusal')).toContainText(
    'steps: There must be at least one step.',
  );
});
