import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { saved } from './helpers';

test('a fair test from question to statement, with a second change warned of', async ({ page }) => {
  await page.goto('/fair-tests');
  await page.getByRole('button', { name: 'New fair test' }).click();
  await page.getByLabel('Question of the fair test').fill('Does salt help?');
  await page.getByRole('combobox', { name: 'Varied' }).selectOption('the liquid');
  for (const name of ['brine', 'vinegar']) {
    await page.getByLabel('Another one').fill(name);
    await page.getByRole('button', { name: 'Add' }).click();
  }
  await page.getByLabel('Another one').fill('Brine');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('“Brine” is there already.')).toBeVisible();
  const statement = page.getByTestId('fair-test-statement');
  await expect(statement).toContainText('at least two of them');
  const readings = { brine: ['0.75', '0.76', '0,74'], vinegar: ['0.91', '0.9', '920 mV'] };
  for (const [name, volts] of Object.entries(readings)) {
    for (const [index, text] of volts.entries()) {
      await page.getByLabel(`Volts of ${name}, round ${index + 1}`).fill(text);
    }
  }
  await expect(statement).toContainText('larger than the scatter');
  await expect(statement).toContainText('Vinegar is ahead of all others');
  await page
    .getByLabel('Different thing of brine, round 2')
    .selectOption('the gap between the metals');
  await expect(page.getByTestId('fair-test-warning')).toContainText(
    'Two things were changed: in round 2, brine had another gap.',
  );
  await page.getByLabel('The gap between the metals').fill('2 cm');
  await page.getByLabel('How it was different of brine, round 2').fill('1 cm');
  await expect(page.getByTestId('fair-test-warning')).toContainText(
    'brine had gap “1 cm” instead of “2 cm”',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('fair-test-warning')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(statement).toContainText('larger than the scatter');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export CSV' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv).toContain('round,what,open-circuit voltage (V),short-circuit current (mA)');
  expect(csv.trim().split('\r\n')).toHaveLength(7);
  await page.getByLabel('Readings as CSV: file').setInputFiles({
    name: 'readings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(csv.replace('0.91', 'much')),
  });
  await expect(page.getByRole('dialog')).toContainText('“open-circuit voltage (V)”: “much” is not');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByLabel('Readings as CSV: file').setInputFiles({
    name: 'readings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`${csv}1,lemon juice,0.97,2\r\n`),
  });
  await expect(page.getByRole('list', { name: 'Compared' })).toContainText('lemon juice');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('list', { name: 'Compared' })).not.toContainText('lemon juice');
});

// Both work on the scenario's own fair test, one after the other.
test.describe.serial('the scenario’s fair test', () => {
  test('the scenario’s six plants are ranked, and the uneven reading is named', async ({
    page,
  }) => {
    await page.goto('/fair-tests/demo-six-plants');
    const ranking = page.getByRole('img', { name: /Ranking, best first: rhubarb/ });
    await expect(ranking).toBeVisible();
    await expect(page.getByTestId('fair-test-statement')).toContainText(
      'Rhubarb reads highest, but cannot be told from gooseberry',
    );
    await page.getByRole('button', { name: /rank by power in an LED/ }).click();
    await expect(page.getByText(/Power in a red LED on \d such cells in series/)).toBeVisible();
    await expect(
      page.getByRole('img', { name: /Ranking, best first: \w+ [\d.]+.[mµ]W/ }),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByTestId('fair-test-warning')).toContainText(
      'gooseberry had depth “2 cm”',
    );
    await saved(page);
  });

  test('a slip is marked in its row, set apart in the chart and counted on request', async ({
    page,
  }) => {
    await page.goto('/fair-tests/demo-six-plants');
    await page.getByLabel('Volts of kiwi, round 3').fill('9.2');
    const statement = page.getByTestId('fair-test-statement');
    await expect(statement).toContainText('kiwi in round 3, 9.20');
    await expect(statement).toContainText('It is set apart and not in the means');
    await expect(page.getByText('✕ far from the others')).toBeVisible();
    await expect(
      page.getByRole('img', { name: /kiwi 0\.94.V.*far from them 9\.20/ }),
    ).toBeVisible();
    await page.getByLabel('Count the far ones too').click();
    await expect(page.getByRole('img', { name: /Ranking, best first: kiwi 3\.69/ })).toBeVisible();
    await expect(statement).toContainText('It is counted in the means');
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(statement).not.toContainText('Far from the others');
    await saved(page);
  });
});
