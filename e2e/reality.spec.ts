import { expect, test } from './test';
import { saved } from './helpers';
import { pdfText } from './pdfText';

test('a wish is worked out line by line, for the projector and on paper; a claim is tested', async ({
  page,
}) => {
  await page.goto('/reality-check?ask=example.phone');
  await expect(
    page.getByRole('heading', { name: 'How many kiwis to charge a phone?' }),
  ).toBeVisible();
  const answer = page.getByTestId('answer');
  await expect(answer).toContainText('Nobody will build that.');
  const sum = page.getByRole('table', { name: 'The sum' });
  await expect(sum.getByRole('row', { name: /In series, for the volts alone/ })).toContainText(
    '6 kiwis',
  );
  await expect(page.getByText(/Never wire home-made cells to a phone/)).toBeVisible();

  await page.getByRole('button', { name: 'Projector' }).click();
  await expect(page.getByTestId('projector')).toContainText('Together');
  await page.getByRole('button', { name: 'Leave the projector view' }).click();

  const href = await page.getByRole('link', { name: 'Print' }).getAttribute('href');
  const pdf = await page.request.get(href ?? '');
  const text = (await pdfText(await pdf.body())).join(' ');
  expect(text).toContain('How many kiwis to charge a phone?');
  expect(text).toContain('The usual mistake');
  expect(text).toContain('Check your school');

  await page.getByRole('button', { name: 'Its power is volts × amps' }).click();
  await expect(answer).toContainText('No. Volts × amps is not the power.');
  expect(page.url()).toContain('ask=claim.power');
});

test('an own wish is kept with the plan, undone and told what is wrong with it', async ({
  page,
}) => {
  await page.goto('/plans/demo-fog-bell/build');
  await page.getByRole('link', { name: 'Reality check with this cell' }).click();
  await page.getByRole('button', { name: 'Your own question' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('To do what').fill('light the pier');
  await dialog.getByLabel('Volts').fill('lots');
  await dialog.getByRole('button', { name: 'Work it out' }).click();
  await expect(dialog.getByText('“lots” is not a voltage.', { exact: false })).toBeVisible();
  await expect(dialog.getByText('Type a current', { exact: false })).toBeVisible();
  await dialog.getByLabel('Volts').fill('3');
  await dialog.getByLabel('Amps').fill('1 mA');
  await dialog.getByLabel('For how long').fill('2 h');
  await dialog.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByTestId('answer')).toContainText('A class can build that.');
  await saved(page);
  await page.reload();
  const own = page.getByRole('list', { name: 'Your own wishes' });
  await expect(own.getByRole('button', { name: 'Light the pier', exact: true })).toBeVisible();
  await own.getByRole('button', { name: 'Change “light the pier”' }).click();
  await expect(dialog.getByLabel('For how long')).toHaveValue('2 h');
  await dialog.getByLabel('Volts').fill('6 V');
  await dialog.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByRole('table')).toContainText(/6\.00\sV × 1\smA/);
  await expect(own.getByRole('listitem')).toHaveCount(1);
  await own.getByRole('button', { name: /Take “light the pier”/ }).click();
  await expect(own.getByRole('listitem')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(own.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: /Take “light the pier”/ }).click();
  await saved(page);
});
