import { expect, test } from './test';
import { PORT } from '../playwright.config';
import { goToStation, newPlan, RETRIED } from './helpers';

const GATEWAY = `http://127.0.0.1:${PORT + 1}`;

test('a class: groups join through the gateway, the board sees them live, and it ends with the lesson', async ({
  page,
  browser,
}) => {
  await newPlan(page, 'Class of two', 'build');
  await page.getByRole('tab', { name: 'Class board' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const code = (await page.getByTestId('join-code').textContent()) ?? '';

  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(GATEWAY);
  await expect(phone).toHaveURL(/\/join$/);
  await phone.getByLabel('Code of the class').fill('AAAAAA');
  await phone.getByRole('button', { name: 'Go on' }).click();
  await expect(phone.getByText('No class with this code is running.')).toBeVisible();
  await phone.getByLabel('Code of the class').fill(code);
  await phone.getByRole('button', { name: 'Go on' }).click();
  await phone.getByRole('button', { name: 'Dunlin' }).click();
  await expect(phone.getByRole('heading', { name: 'Group Dunlin' })).toBeVisible();

  // A group has its own page and nothing else.
  await phone.request
    .get(`${GATEWAY}/api/plans/demo-lamp`)
    .then((answer) => expect(answer.status()).toBe(401));
  const { running } = (await (
    await page.request.get(`/api/lessons/${/plans\/([^/]+)/.exec(page.url())?.[1]}/class`, RETRIED)
  ).json()) as { running: { startedAt: number } };
  const other = {
    entryId: 'x',
    revision: 1,
    group: 'Knot',
    entry: { kind: 'note', text: 'x', takenAt: '2027-01-29T14:00:00Z' },
  };
  const written = await phone.request.post(`${GATEWAY}/api/class/log`, {
    data: { class: running.startedAt, line: other },
    headers: { origin: GATEWAY },
  });
  expect(written.status()).toBe(403);

  await phone.getByRole('button', { name: 'Done' }).click();
  await phone.getByRole('button', { name: 'Done' }).click();
  await phone.getByLabel('Reading: Volts of cell 1').fill('0.9');
  await phone.getByLabel('Reading: Volts of cell 1').press('Enter');
  const tile = page.getByTestId('board-Dunlin');
  await expect(tile).toContainText('Measuring');
  await expect(tile).toContainText('cell 1, nothing connected: 0.90 V');
  await expect(page.getByTestId('class-average')).toContainText('1 group, average 0.90 V');

  await phone.getByRole('button', { name: 'Call your teacher' }).click();
  await expect(page.getByText('Dunlin calls for help.')).toBeVisible();
  await phone.getByRole('button', { name: /Teacher called/ }).click();
  await expect(page.getByText('Dunlin calls for help.')).toBeHidden();

  // While nobody answers, what is typed waits on the phone and goes out later.
  await phone.context().setOffline(true);
  await phone.getByLabel('Reading: Milliamps of cell 1, briefly').fill('0.5');
  await phone.getByLabel('Reading: Milliamps of cell 1, briefly').press('Enter');
  await expect(phone.getByText(/waiting to be sent/)).toBeVisible();
  await phone.context().setOffline(false);
  await expect(phone.getByText('all sent')).toBeVisible();
  await expect(tile).toContainText('Build the other');

  // What the teacher changes about the plan reaches the group at its step.
  const steps = phone.getByText(/^step \d+ of \d+/);
  const before = await steps.textContent();
  await goToStation(page, 'Arrange');
  await page
    .getByRole('group', { name: 'strings side by side' })
    .getByRole('button', { name: /More/ })
    .click();
  await expect(steps).not.toHaveText(before ?? '');
  expect((await steps.textContent())?.split(' of ')[0]).toBe(before?.split(' of ')[0]);
  await goToStation(page, 'Build & measure');
  await page.getByRole('tab', { name: 'Class board' }).click();

  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End the class' }).click();
  await expect(phone.getByText('The class has ended.')).toBeVisible();
  await phone.close();
});

test('from another device a teacher needs the passcode', async ({ page, browser }) => {
  await newPlan(page, 'Passcode', 'build');
  await page.getByRole('tab', { name: 'Class board' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await page.getByRole('button', { name: 'My own tablet' }).click();
  const passcode = (await page.getByTestId('passcode').textContent()) ?? '';
  expect(passcode).toMatch(/^\d{6}$/);
  await page.getByRole('button', { name: 'Close' }).click();
  const tablet = await browser.newPage();
  await tablet.goto(`${GATEWAY}/plans/demo-lamp/build`);
  await expect(tablet).toHaveURL(/\/passcode$/);
  await tablet.getByLabel('Passcode').fill(passcode === '000000' ? '000001' : '000000');
  await tablet.getByRole('button', { name: 'Come in' }).click();
  await expect(tablet.getByText('That is not the passcode.')).toBeVisible();
  await tablet.getByLabel('Passcode').fill(passcode);
  await tablet.getByRole('button', { name: 'Come in' }).click();
  await expect(tablet.getByRole('button', { name: 'New plan' })).toBeVisible();
  const backup = await tablet.request.post(`${GATEWAY}/api/backup`, {
    headers: { origin: GATEWAY },
  });
  expect(backup.status()).toBe(403);
  await tablet.close();
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByTestId('join-code')).toBeVisible();
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the class' })).toBeVisible();
});
