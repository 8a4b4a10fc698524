import { expect, test, type Page } from './test';
import { goToStation, newPlan, saved } from './helpers';

async function addLoaded(page: Page, ohms: string, volts: string): Promise<void> {
  const form = page.getByRole('region', { name: 'Readings at known resistors' });
  await form.getByRole('textbox', { name: 'Resistor' }).fill(ohms);
  await form.getByRole('textbox', { name: 'Volts across it' }).fill(volts);
  await form.getByRole('button', { name: 'Add' }).click();
}

test('size and liquid move what one cell gives, with the sum on demand', async ({ page }) => {
  await newPlan(page, 'Sizes');
  await goToStation(page, 'Which cell?');
  const figures = page.getByTestId('cell-figures');
  const shorted = async (): Promise<number> => {
    const text = (await figures.innerText()).replace(/\s/g, ' ');
    const [, value = '', unit = ''] = /Current when shorted\D*([\d.]+) (µA|mA)/.exec(text) ?? [];
    return Number(value) * (unit === 'mA' ? 1 : 1e-3);
  };
  const nail = await shorted();
  await page.getByLabel('Gap between them').fill('1 cm');
  await expect.poll(shorted).toBeGreaterThan(1.02 * nail);
  const closer = await shorted();
  await page.getByRole('button', { name: /more metal pairs per/i }).click();
  await expect.poll(shorted).toBeGreaterThan(1.8 * closer);
  await page.getByRole('button', { name: 'why the size matters' }).click();
  await expect(page.getByRole('dialog')).toContainText('cm²');
  await page.keyboard.press('Escape');

  await page.getByRole('radio', { name: /Coin pile in brine/ }).check();
  const brine = await shorted();
  await page
    .getByRole('combobox', { name: 'Separator and liquid' })
    .selectOption('coin cell with felt in salt and vinegar');
  await expect.poll(shorted).toBeGreaterThan(1.3 * brine);
  await expect(figures).toContainText(/0\.90\sV/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figures).toContainText(/0\.75\sV/);
  await page.getByRole('button', { name: 'why these volts' }).click();
  await expect(page.getByRole('dialog')).toContainText('the anode');
});

test('loaded readings are fitted, with their errors; everything can be taken back', async ({
  page,
}) => {
  await newPlan(page, 'Loaded');
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('0.93');
  await expect(page.getByText('One more reading with a current is needed')).toBeVisible();
  await addLoaded(page, '1k', '0,62');
  const figures = page.getByTestId('cell-figures');
  await expect(figures).toContainText('Your cell, measured');
  // 0.93 V open and 0.62 V at 1 kΩ: half of 1 kΩ inside.
  await expect(figures).toContainText(/500\sΩ/);
  await addLoaded(page, '470', '0.45');
  await addLoaded(page, '2.2k', '0.76');
  await expect(page.getByTestId('fit-statement')).toContainText('too few to tell');
  await expect(figures).toContainText(/±/);
  await addLoaded(page, '220', '0.27');
  await expect(page.getByTestId('fit-statement')).toContainText('straight line');
  await saved(page);
  await page.reload();
  await expect(figures).toContainText(/±/);
  await page.getByRole('button', { name: /Remove the reading at 470/ }).click();
  await expect(page.getByTestId('fit-statement')).toContainText('too few to tell');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('fit-statement')).toContainText('straight line');
  await page.getByRole('button', { name: 'Do without these readings' }).click();
  await expect(figures).toContainText('A typical cell');
});

test('an unbelievable reading waits; it can be mended or kept, marked', async ({ page }) => {
  await newPlan(page, 'Slips');
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('0.93');
  await page.getByLabel('Short-circuit milliamps').fill('1.4 A');
  const doubt = page.getByTestId('reading-doubt');
  await expect(doubt).toContainText('hundreds of times');
  await expect(page.getByTestId('cell-figures')).toContainText('A typical cell');
  await doubt.getByRole('button', { name: 'Yes, correct it' }).click();
  await expect(doubt).toHaveCount(0);
  await expect(page.getByTestId('cell-figures')).toContainText('Your cell, measured');
  await page.getByLabel('Open-circuit volts').fill('1.6');
  await expect(doubt).toContainText('more than one copper–zinc cell can give');
  await doubt.getByRole('button', { name: 'I measured it twice: keep it' }).click();
  await expect(page.getByTestId('cell-figures')).toContainText('Your cell, measured');
  await expect(page.getByRole('navigation', { name: 'Stations of the plan' })).toContainText(
    'measured, kept though odd',
  );
});
