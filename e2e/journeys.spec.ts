import { expect, test } from './test';
import { goToStation, newPlan, saved, verdict } from './helpers';

test('the shelf shows the demo scenario, each plan with its verdict', async ({ page }) => {
  for (const [title, sentence] of [
    ['Lamp for the model lighthouse', /Lights the amber LED clearly .* classes/],
    ['Fog bell on rhubarb-juice cups', /Runs the piezo buzzer .* classes/],
    ['Tide clock on a pile of bronze coins', /Runs the LCD clock .* classes/],
  ] as const) {
    await page.goto(`/?find=${encodeURIComponent(title)}`);
    const card = page.getByRole('article').filter({ hasText: title });
    await expect(card.getByTestId('verdict')).toHaveText(sentence);
  }
});

test('first run: from a wish to a saved plan with a first reading', async ({ page }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    if (new URL(request.url()).hostname !== '127.0.0.1') strangers.push(request.url());
  });
  await newPlan(page, 'Reading lamp');
  await page.getByRole('radio', { name: /amber/ }).check();
  await page.getByRole('radio', { name: /Clear/ }).check();
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('0,93');
  await page.getByLabel('Short-circuit milliamps').fill('2.9');
  await expect(page.getByTestId('cell-figures')).toContainText('Your cell, measured');
  await expect(page.getByTestId('cell-figures')).toContainText('311');
  await goToStation(page, 'Arrange');
  await expect(verdict(page)).toHaveText(/Lights the amber LED clearly/);
  await expect(page.getByRole('button', { pressed: true })).toContainText('4 in series × 3');
  await goToStation(page, 'Build & measure');
  await page.getByLabel('Read: cell 1, open').fill('940 mV');
  await page.getByLabel('Read: cell 1, open').press('Enter');
  await expect(page.getByTestId('bench-cell 1, open')).toContainText('as planned');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Read: cell 1, open')).toHaveValue(/0\.94\sV/);
  await expect(page.getByRole('textbox', { name: 'Title of the plan' })).toHaveValue(
    'Reading lamp',
  );
  await goToStation(page, 'What to power');
  await expect(page.getByRole('radio', { name: /amber/ })).toBeChecked();
  await page.goto('/');
  await expect(page.getByRole('article').filter({ hasText: 'Reading lamp' })).toContainText(
    'amber LED',
  );
  expect(strangers).toEqual([]);
});

test('another LED colour changes the wiring at once', async ({ page }) => {
  await newPlan(page, 'Colours');
  await goToStation(page, 'Arrange');
  const count = page.getByRole('group', { name: 'cells in a string' }).locator('output');
  const red = Number(await count.textContent());
  await goToStation(page, 'What to power');
  await page.getByRole('radio', { name: /violet/ }).check();
  await expect(verdict(page)).toContainText('violet LED');
  await goToStation(page, 'Arrange');
  expect(Number(await count.textContent())).toBeGreaterThan(red);
});

test('steppers, undo and redo', async ({ page }) => {
  await newPlan(page, 'Steps');
  await goToStation(page, 'Arrange');
  const strings = page.getByRole('group', { name: 'strings side by side' });
  const before = await strings.locator('output').textContent();
  await strings.getByRole('button', { name: /More/ }).click();
  await expect(strings.locator('output')).toHaveText(String(Number(before) + 1));
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(strings.locator('output')).toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(strings.locator('output')).toHaveText(String(Number(before) + 1));
  await page.getByRole('button', { name: 'Follow the suggestion again' }).click();
  await expect(strings.locator('output')).toHaveText(before ?? '');
});

test('what cannot be done says why, and offers the nearest thing that can', async ({ page }) => {
  await newPlan(page, 'Radio');
  await page.getByRole('button', { name: 'A small device' }).click();
  await page.getByLabel('Device').selectOption('pocket radio');
  await expect(verdict(page)).toHaveAttribute('data-tone', 'wrong');
  await goToStation(page, 'Arrange');
  await expect(page.getByTestId('impossible')).toContainText(
    'Cannot be done, because the current is short',
  );
  await page.getByRole('button', { name: 'Plan that instead' }).click();
  // What few classes say at once is what many say a little later.
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
  await expect(page.getByTestId('class-simulation')).toContainText(/^20.000 classes: works in 9/);
  await expect(verdict(page)).toHaveAttribute('data-tone', 'fine');
});

test('an unbelievable reading is questioned in plain words and can be kept', async ({ page }) => {
  await newPlan(page, 'Doubt');
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('1.5');
  await page.getByLabel('Short-circuit milliamps').fill('1');
  await expect(page.getByTestId('reading-doubt')).toContainText(
    'more than one copper–zinc cell can give',
  );
  await page.getByRole('button', { name: 'I measured it twice: keep it' }).click();
  await expect(page.getByTestId('cell-figures')).toContainText('1.50');
  await page.getByLabel('Open-circuit volts').fill('a lot');
  await expect(page.getByText('“a lot” is not a voltage')).toBeVisible();
});

test('another family, and its size: the picture, the figures and the wiring follow', async ({
  page,
}) => {
  await newPlan(page, 'Families');
  await goToStation(page, 'Which cell?');
  await page.getByRole('radio', { name: /Aluminium–air, brine sponge/ }).check();
  await expect(page.getByText('never tape it shut')).toBeVisible();
  await expect(page.getByTestId('cell-figures')).toContainText('0.90');
  const shorted = page.getByTestId('cell-figures');
  const usual = await shorted.textContent();
  await page.getByLabel('Gap between them').fill('2 cm');
  await expect(shorted).not.toHaveText(usual ?? '');
  await page.getByRole('button', { name: 'why the size matters' }).click();
  await expect(page.getByRole('dialog', { name: 'Why the size matters' })).toContainText('2 cm');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Back to the usual size' }).click();
  await expect(shorted).toHaveText(usual ?? '');
  await page.getByRole('radio', { name: /Dilute sulfuric acid/ }).check();
  await expect(verdict(page)).toContainText('Demonstrator only');
});

test('a missing step is named in the verdict', async ({ page }) => {
  await page.goto('/plans/demo-lamp/build');
  await expect(verdict(page)).toContainText('Cell 3 adds almost nothing.');
  await expect(page.getByTestId('bench-cells 1–3, open')).toContainText('+0.05');
});

test('every figure opens to show its sum', async ({ page }) => {
  await page.goto('/plans/demo-lamp/arrange');
  await page.getByRole('button', { name: /inside/ }).click();
  await expect(page.getByRole('dialog', { name: 'Internal resistance' })).toContainText('4 × 299');
});
