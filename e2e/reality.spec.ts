import { expect, test } from './test';
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
