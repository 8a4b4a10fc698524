import { expect, test } from './test';

test('a figure leads to its sum and on to the constants; words and reasons stand beside them', async ({
  page,
}) => {
  await page.goto('/plans/demo-fog-bell/arrange');
  await page
    .getByRole('button', { name: /in 100 classes|of 100 classes/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'How much cells and joints differ' }).click();
  const source = page.getByRole('region', { name: 'How much cells and joints differ' });
  await expect(source).toContainText('Common practice, no source');
  await expect(source).toBeInViewport();
  await page.getByRole('tab', { name: 'Words' }).click();
  await expect(
    page.getByText('What the meter reads in volts with nothing connected.'),
  ).toBeVisible();
  await page.getByRole('tab', { name: 'Why these defaults' }).click();
  await expect(page.getByRole('region', { name: 'How wet?' })).toContainText('Soak and blot');
});

test('the tour: offered once, taken by key, ended, and taken again from the help', async ({
  page,
}) => {
  await page.goto('/');
  const invitation = page.getByText('New here? One minute shows you round a plan.');
  await expect(invitation).toBeVisible();
  await page.getByRole('link', { name: 'Show me' }).click();
  await expect(page.getByRole('dialog', { name: 'Six stations' })).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('dialog', { name: 'The verdict' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New plan' })).toBeVisible();
  await expect(invitation).toBeHidden();
  await page.getByRole('link', { name: 'Help', exact: true }).click();
  await page.getByRole('link', { name: 'One-minute tour' }).click();
  await expect(page.getByRole('dialog', { name: 'Six stations' })).toBeVisible();
});
