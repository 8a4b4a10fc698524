import { readFile } from 'node:fs/promises';
import { expect, test } from './test';
import { newPlan } from './helpers';
import { PLAN_VERSION } from '@/core/records/plan/planSchema';

test('an exported plan can be imported again', async ({ page }) => {
  await page.goto('/plans/demo-lamp/arrange');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export this plan as a file' }).click();
  const file = await (await download).path();
  const text = await readFile(file, 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'grozer-plan', version: PLAN_VERSION });
  await page.goto('/');
  await page.getByLabel('Import a plan: file').setInputFiles({
    name: 'lamp.grozer.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('Lamp for the model lighthouse', 'Lamp come back')),
  });
  await expect(page).toHaveURL(/\/arrange$/);
  await expect(page.getByRole('textbox', { name: 'Title of the plan' })).toHaveValue(
    'Lamp come back',
  );
});

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
