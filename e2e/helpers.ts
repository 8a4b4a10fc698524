import { expect, type Page } from '@playwright/test';

/** Makes a plan of its own for a test, so that tests do not meet. That it is made by hand as well is tested where it belongs. */
export async function newPlan(page: Page, title: string): Promise<void> {
  // A connection that has rested for as long as the server keeps one may be cut just now.
  const made = await page.request.post('/api/plans', { data: { title }, maxRetries: 2 });
  expect(made.status()).toBe(201);
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/plans/${id}/power`);
}

export async function goToStation(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stations of the plan' }).getByText(name).click();
}

export const verdict = (page: Page) => page.getByRole('banner').getByTestId('verdict');

export async function saved(page: Page): Promise<void> {
  await expect(page.getByTestId('save-state')).toHaveText('saved');
}

/** Presses and typed fields, counted as a teacher would count them. */
export function counting(): {
  readonly count: () => number;
  readonly act: (work: Promise<unknown>) => Promise<void>;
} {
  let actions = 0;
  return {
    count: () => actions,
    act: async (work) => {
      actions += 1;
      await work;
    },
  };
}
