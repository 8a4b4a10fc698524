import { test as bare } from '@playwright/test';
import { expect, test, type Page } from './test';
import { PORT } from '../playwright.config';
import { newPlan, saved } from './helpers';

const GATEWAY = `http://127.0.0.1:${PORT + 1}`;

test('edits made while the server is away are offered again when the page is opened anew', async ({
  page,
  context,
}) => {
  await newPlan(page, 'Kept');
  await saved(page);
  const title = page.getByRole('textbox', { name: 'Title of the plan' });
  const address = page.url();
  await page.route(
    (url) => url.pathname.startsWith('/api/plans/'),
    (route) => route.abort(),
  );
  await title.fill('Kept over a crash');
  await expect(page.getByTestId('save-state')).toContainText(
    'Your changes are kept in this browser',
  );
  // A page that closes in peace saves once more; this one has no time for it.
  await page.goto('chrome://crash').catch(() => undefined);
  const again = await context.newPage();
  await again.goto(address);
  const titleAgain = again.getByRole('textbox', { name: 'Title of the plan' });
  const kept = again.getByTestId('kept');
  await expect(kept).toContainText('kept changes to this plan that were never saved');
  await expect(titleAgain).toHaveValue('Kept');
  await kept.getByRole('button', { name: 'Take them' }).click();
  await expect(titleAgain).toHaveValue('Kept over a crash');
  await saved(again);
  await again.reload();
  await expect(titleAgain).toHaveValue('Kept over a crash');
  await expect(kept).toBeHidden();
});

// Without the wait for the page’s script that the other tests have: this is about what happens before.
bare(
  'what is typed before a page listens is not taken, so it cannot be put back',
  async ({ page }) => {
    let go: () => void = () => undefined;
    const held = new Promise<void>((resolve) => (go = resolve));
    await page.route('**/_next/static/**/*.js', async (route) => {
      await held;
      await route.continue();
    });
    await page.goto('/mixing', { waitUntil: 'commit' });
    const field = page.getByRole('textbox').first();
    await expect(page.locator('main')).toHaveAttribute('inert', '');
    await field.focus({ timeout: 2000 }).catch(() => undefined);
    await page.keyboard.type('40');
    go();
    await expect(page.locator('main')).not.toHaveAttribute('inert', '');
    await field.fill('40');
    await expect(field).toHaveValue('40');
  },
);

async function join(phone: Page, code: string, group: string): Promise<void> {
  await phone.goto(`${GATEWAY}/join?code=${code}`);
  await phone.getByRole('button', { name: 'Go on' }).click();
  await phone.getByRole('button', { name: group }).click();
}

test('a second device of a group waits for the teacher; what a class did not take stays on the phone', async ({
  page,
  browser,
}) => {
  await newPlan(page, 'Two devices', 'build');
  await page.getByRole('tab', { name: 'Class board' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const code = (await page.getByTestId('join-code').textContent()) ?? '';
  const size = { viewport: { width: 360, height: 640 } };
  const first = await (await browser.newContext(size)).newPage();
  await join(first, code, 'Tern');
  await expect(first.getByRole('heading', { name: 'Group Tern' })).toBeVisible();

  const second = await (await browser.newContext(size)).newPage();
  await join(second, code, 'Tern');
  const number = (await second.getByTestId('own-number').textContent()) ?? '';
  const asking = page.getByTestId('asking');
  await expect(asking).toContainText(`It shows the number ${number}.`);
  await asking.getByRole('button', { name: 'Refuse it' }).click();
  await expect(second.getByText('Your teacher did not let this device')).toBeVisible();
  await second.getByRole('button', { name: 'Tern' }).click();
  await asking.getByRole('button', { name: 'Add it' }).click();
  await expect(second.getByRole('heading', { name: 'Group Tern' })).toBeVisible();
  await expect(first.getByText('2 devices are in group Tern.')).toBeVisible();
  await expect(asking).toBeHidden();

  // Off the network when the class ends: the note stays on the phone, with the reason.
  await first.context().setOffline(true);
  await first.getByLabel('What did you see?').fill('The nail is dark');
  await first.getByRole('button', { name: 'Add note' }).click();
  await expect(first.getByRole('status').first()).toHaveText('1 waiting to be sent');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await first.context().setOffline(false);
  const undelivered = first.getByTestId('undelivered');
  await expect(undelivered).toContainText('Tern, The nail is dark. This class has ended');
  const fresh = (await page.getByTestId('join-code').textContent()) ?? '';
  await first.goto(`${GATEWAY}/join?code=${fresh}`);
  await expect(undelivered).toContainText('The nail is dark');
  await undelivered.getByRole('button', { name: 'Remove from this device' }).click();
  await expect(undelivered).toBeHidden();
});

test('a class’s data are deleted for good', async ({ page }) => {
  await newPlan(page, 'To be forgotten', 'build');
  await page.getByRole('tab', { name: 'Logbook' }).click();
  await page.getByLabel('What did you see?').fill('Bubbles');
  await page.getByRole('button', { name: 'Add note' }).click();
  await expect(page.getByTestId('log-entry')).toContainText('Bubbles');
  await expect(page.getByText('all saved')).toBeVisible();
  await page.getByRole('tab', { name: 'Results' }).click();
  await page.getByRole('button', { name: 'Delete this class’s data …' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 line of the logbook: all of it is deleted for good');
  const copy = page.waitForEvent('download');
  await dialog.getByRole('link', { name: 'Save a copy first' }).click();
  expect((await copy).suggestedFilename()).toMatch(/with-log\.grozer\.zip$/);
  await dialog.getByRole('button', { name: 'Delete for good' }).click();
  await page.getByRole('tab', { name: 'Logbook' }).click();
  await expect(page.getByText('Nothing yet.')).toBeVisible();
});
