import { expect, test } from './test';
import { PORT } from '../playwright.config';
import { newPlan } from './helpers';

const GATEWAY = `http://127.0.0.1:${PORT + 1}`;
const takenAt = '2027-01-29T14:00:00.000Z';

test('on a phone: predict, read, Done counts once and asks for what is missing; the wall shows it without passcode', async ({
  page,
  browser,
}) => {
  await newPlan(page, 'Done never skips', 'build');
  const id = /plans\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.getByRole('tab', { name: 'Class board' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const code = (await page.getByTestId('join-code').textContent()) ?? '';

  const phone = await browser.newPage({ viewport: { width: 360, height: 640 } });
  await phone.goto(`${GATEWAY}/join?code=${code}`);
  await phone.getByRole('button', { name: 'Go on' }).click();
  await phone.getByRole('button', { name: 'Plover' }).click();
  const done = phone.getByRole('button', { name: 'Done' });
  const step = (name: string | RegExp) => phone.getByRole('heading', { name });
  await expect(step('Get your things ready')).toBeVisible();
  // The second half of a double click is no press of its own.
  await done.dblclick();
  await expect(step('Build one cell')).toBeVisible();
  await done.click();
  await expect(step('Volts of cell 1')).toBeVisible();

  await expect(phone.getByTestId('expected')).toHaveCount(0);
  await phone.getByLabel('What do you expect, before you read?').fill('1,5');
  await phone.getByRole('button', { name: 'Write it down' }).click();
  await expect(phone.getByText(/You expect 1\.50.V/)).toBeVisible();

  await done.click();
  await expect(phone.getByText('Type first what the meter shows.')).toBeVisible();
  await expect(step('Volts of cell 1')).toBeVisible();
  // Typed and Done: one press, one step; the milliamps are not jumped over.
  await phone.getByLabel('Reading: Volts of cell 1').fill('0,94');
  await done.click();
  await expect(step('Milliamps of cell 1, briefly')).toBeVisible();
  // What sound batteries read is told once it is read.
  await expect(phone.getByTestId('expected')).toContainText(/You expected 1\.50.V\. Sound/);
  await done.click();
  await expect(phone.getByText('Type first what the meter shows.')).toBeVisible();
  await phone.getByLabel('Reading: Milliamps of cell 1, briefly').fill('0.4');
  await phone.getByLabel('Reading: Milliamps of cell 1, briefly').press('Enter');
  await expect(step(/^Build the other/)).toBeVisible();
  await phone.getByRole('button', { name: 'Back' }).click();
  await expect(step('Milliamps of cell 1, briefly')).toBeVisible();
  await done.click();
  await expect(step(/^Build the other/)).toBeVisible();

  // "Does it run?" answered No is red, with what to try first.
  const answer = await page.request.post(`/api/lessons/${id}/log`, {
    data: {
      entryId: 'dark',
      revision: 1,
      group: 'Knot',
      struck: false,
      entry: {
        kind: 'reading',
        measurement: { kind: 'lights', turned: false },
        value: 0,
        range: null,
        source: 'typed',
        typed: null,
        meter: null,
        takenAt,
      },
    },
  });
  expect(answer.ok()).toBe(true);
  await expect(page.getByTestId('board-Knot')).toHaveAttribute('data-state', 'wrong');

  await page.getByRole('link', { name: 'Board for the wall (B)' }).click();
  await expect(page).toHaveURL(new RegExp(`/wall/${id}`));
  await expect(page.getByText(code, { exact: true })).toBeVisible();
  await expect(page.getByTestId('wall-Knot')).toContainText('It stays dark');
  await expect(page.getByTestId('wall-Plover')).toContainText('Build the other');
  await expect(page.getByText(/passcode/i)).toHaveCount(0);
  await page.keyboard.press('b');
  await expect(page).toHaveURL(/\/build/);
  await page.getByRole('tab', { name: 'Class board' }).click();
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End the class' }).click();
  await expect(phone.getByText('The class has ended.')).toBeVisible();
  await phone.close();
});
