import { expect, test, type Page } from './test';
import { makeDrill } from '../src/core/work/drill/makeDrill';
import { pdfText } from './pdfText';

const display = (page: Page) => page.getByTestId('drill-display');

async function measure(page: Page, black: string, red: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${black}: put the black`) }).click();
  await page.getByRole('button', { name: new RegExp(`^${red}: put the red`) }).click();
  await page.getByRole('button', { name: 'Take the reading' }).click();
}

test('a drill: probes, ranges, a hint, a wrong answer, the right one with its score', async ({
  page,
}) => {
  const key = { level: 1, seed: 2 };
  const [hidden] = makeDrill(key).hidden;
  if (hidden === undefined) throw new Error('this drill hides a fault');
  await page.goto(`/drill?level=${key.level}&seed=${key.seed}`);
  await measure(page, 'Left clip of cell 1', 'End of the last lead');
  await expect(display(page)).toHaveText(/^1\.[5-9]\d.V$|^2\.0\d.V$/);
  await page.getByRole('button', { name: '200 mV' }).click();
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(display(page)).toHaveText('over range');

  await page.getByRole('button', { name: 'A hint, for one measurement' }).click();
  await expect(page.getByTestId('drill-hint')).toContainText('The reading that tells most now');
  await page.getByRole('button', { name: 'Put the probes there' }).click();
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(page.getByRole('heading', { name: 'Readings: 3' })).toBeVisible();

  await page.getByRole('button', { name: 'That is it' }).click();
  await expect(page.getByTestId('drill-told')).toContainText('Not so.');
  // Nothing is lost with the tab.
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Readings: 3' })).toBeVisible();
  await page.getByRole('button', { name: 'Start over' }).click();
  await page.getByRole('button', { name: 'Undo that' }).click();
  await expect(page.getByRole('heading', { name: 'Readings: 3' })).toBeVisible();

  await page
    .getByRole('combobox', { name: 'The string' })
    .selectOption('a cell: the wrong way round');
  await page.getByRole('combobox', { name: 'Which cell' }).selectOption(`cell ${hidden.cell}`);
  await page.getByRole('button', { name: 'That is it' }).click();
  await expect(page.getByTestId('drill-over')).toContainText(
    /Score \d+ of 100 with 3 measurements, 1 hint \(one each\), 1 wrong answer \(two each\)/,
  );
});

test('a drill by keys alone, a lead lifted, an unknown drill, and a printed set with its key', async ({
  page,
}) => {
  await page.goto('/drill?level=4&seed=9');
  const first = page.getByRole('button', { name: /^Left clip of cell 1 of string 1/ });
  await first.focus();
  await page.keyboard.press('Enter');
  const other = page.getByRole('button', { name: /^Left clip of cell 1 of string 2/ });
  await other.focus();
  await page.keyboard.press(' ');
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(display(page)).toHaveText(/^0/);
  await page
    .getByRole('combobox', { name: 'Meanwhile' })
    .selectOption('the lead after cell 2 is lifted');
  await measure(page, 'Left clip of cell 1 of string 1', 'End of the last lead of string 1');
  await expect(display(page)).toHaveText(/^0/);

  const href = await page.getByRole('link', { name: /Print 6 with key/ }).getAttribute('href');
  const pages = await pdfText(await (await page.request.get(href ?? '')).body());
  expect(pages[0]).toContain('Fault drill: Two strings, one fault');
  expect(pages.at(-1)).toContain('For the teacher');
  await page.goto('/drill?level=9&seed=1');
  await expect(page.getByText('There are 5 levels.')).toBeVisible();
});
