import { expect, test } from './test';
import { newPlan } from './helpers';

test('two windows on one plan: the second to save is asked', async ({ page, context }) => {
  await newPlan(page, 'Shared');
  const other = await context.newPage();
  // A window takes a newer version when it opens: this one has looked and found none before the other changes it.
  const caughtUp = other.waitForResponse(
    (response) => response.request().method() === 'GET' && /\/api\/plans\//.test(response.url()),
  );
  await other.goto(page.url());
  await caughtUp;
  const put = page.waitForResponse((response) => response.request().method() === 'PUT');
  await page.getByRole('radio', { name: /blue/ }).check();
  await put;
  await other.getByRole('radio', { name: /violet/ }).check();
  await expect(other.getByTestId('save-state')).toContainText('changed in another window');
  await other.getByRole('button', { name: 'Take the other version' }).click();
  await expect(other.getByRole('radio', { name: /blue/ })).toBeChecked();
});
