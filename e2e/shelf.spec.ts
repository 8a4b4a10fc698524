import { readFile } from 'node:fs/promises';
import { expect, test } from './test';
import { newPlan } from './helpers';
import { PLAN_VERSION } from '@/core/records/plan/planSchema';

test('duplicate, delete and undo', async ({ page }) => {
  await newPlan(page, 'Twin');
  await page.goto('/');
  await page.getByRole('button', { name: 'Duplicate Twin', exact: true }).click();
  const copy = page.getByRole('article').filter({ hasText: 'Twin (copy)' });
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: 'Delete Twin (copy)' }).click();
  await expect(copy).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(copy).toBeVisible();
});

test('a plan without a title is refused at the field', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New plan' }).click();
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await expect(page.getByText('Give the plan a title.')).toBeVisible();
  await expect(page.getByLabel('What is it for?')).toHaveAttribute('aria-invalid', 'true');
});

test('a broken file is refused with the path of each fault, and nothing changes', async ({
  page,
}) => {
  await page.goto('/');
  const before = await page.getByRole('article').count();
  const broken = {
    format: 'grozer-plan',
    version: 1,
    title: 'X',
    minutes: -5,
    target: { kind: 'led' },
  };
  await page.getByLabel('Import a plan: file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(broken)),
  });
  const refusal = page.getByTestId('refusal');
  await expect(refusal).toContainText('nothing has changed');
  await expect(refusal).toContainText('minutes: The time must be at least one second.');
  await expect(refusal).toContainText('target.colour: Choose one of the LED colours.');
  await page.getByLabel('Import a plan: file').setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no plan at all'),
  });
  await expect(refusal).toContainText('not readable as JSON');
  expect(await page.getByRole('article').count()).toBeGreaterThanOrEqual(before);
  await expect(page.getByRole('article').filter({ hasText: /^X/ })).toHaveCount(0);
});

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
