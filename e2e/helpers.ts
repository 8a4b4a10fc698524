import { expect, type Page } from '@playwright/test';
import type { Plan } from '@/core/records/plan/planSchema';

/** A connection that has rested for as long as the server keeps one may be cut just now. */
export const RETRIED = { maxRetries: 2 };

/**
 * Makes a plan of its own for a test, so that tests do not meet, and opens it at a station. That it is made and changed by hand
 * as well is tested where it belongs.
 */
export async function newPlan(
  page: Page,
  title: string,
  station = 'power',
  otherwise: Partial<Plan> = {},
): Promise<void> {
  const made = await page.request.post('/api/plans', { data: { title }, ...RETRIED });
  expect(made.status()).toBe(201);
  const { id } = (await made.json()) as { id: string };
  if (Object.keys(otherwise).length > 0) {
    const found = (await (await page.request.get(`/api/plans/${id}`, RETRIED)).json()) as {
      revision: number;
      document: Plan;
    };
    const document = { ...found.document, ...otherwise };
    const kept = await page.request.put(`/api/plans/${id}`, {
      data: { revision: found.revision, document },
      ...RETRIED,
    });
    expect(kept.status()).toBe(200);
  }
  await page.goto(`/plans/${id}/${station}`);
}

/** To another view as a link leads there, without loading the page anew, until all of it stands. */
export async function follow(page: Page, view: string): Promise<void> {
  await page.evaluate((href) => {
    const { next } = window as unknown as { next: { router: { push: (href: string) => void } } };
    next.router.push(href);
  }, view);
  await expect(page).toHaveURL(view);
  // Its title may come after its heading; then parts that are fetched, and what the worker answers.
  await expect(page.locator('h1')).not.toHaveCount(0);
  await expect(page).toHaveTitle(/./);
  await expect(
    page.locator('[aria-busy="true"], [role="progressbar"]:not([aria-valuenow])'),
  ).toHaveCount(0);
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

/** Words that are seen without scrolling, in the dialog where one is open; not those that `aside` selects. */
export async function visibleWords(page: Page, aside: string): Promise<number> {
  return page.evaluate((left) => {
    const root = [...document.querySelectorAll('[role=dialog]')].at(-1) ?? document.body;
    const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
    let words = 0;
    while (walker.nextNode()) {
      const { currentNode: node } = walker;
      const element = node.parentElement;
      if (element === null || element.closest(`script, style, option, ${left}`) !== null) continue;
      if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const { width, height, top, bottom } = range.getBoundingClientRect();
      if (width < 2 || height < 2 || bottom < 0 || top > innerHeight) continue;
      words += node.textContent?.match(/[\p{L}\p{N}][\p{L}\p{N}.,’'-]*/gu)?.length ?? 0;
    }
    return words;
  }, aside);
}
