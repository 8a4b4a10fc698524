import { expect, test } from './test';
import { goToStation, newPlan, saved, verdict } from './helpers';

test('the shelf shows the demo scenario, each plan with its verdict', async ({ page }) => {
  for (const [title, sentence] of [
    ['Lamp for the model lighthouse', /Lights the amber LED clearly .* classes/],
    ['Fog bell on rhubarb-juice cups', /Sounds the piezo buzzer .* classes/],
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
  await expect(
    page.getByRole('list', { name: 'Laid out' }).getByRole('button', { pressed: true }),
  ).toContainText(/\d in series × \d/);
  await goToStation(page, 'Build & measure');
  await page.getByLabel('Read: cell 1, nothing connected').fill('940 mV');
  await page.getByLabel('Read: cell 1, nothing connected').press('Enter');
  await expect(page.getByTestId('bench-cell 1, nothing connected')).toContainText('as planned');
  await page.getByRole('tab', { name: 'Logbook' }).click();
  await page.getByLabel('What did you see?').fill('Our first cell');
  await page.getByLabel('Photo for the logbook').setInputFiles('docs/screenshots/shelf.png');
  await expect(page.getByRole('img', { name: 'Our first cell' })).toBeVisible();
  await page.getByRole('tab', { name: 'At the bench' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Read: cell 1, nothing connected')).toHaveValue(/0\.94\sV/);
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
