import { test as base } from '@playwright/test';

export { expect, type Locator, type Page } from '@playwright/test';

/**
 * Tests act on a page as soon as it listens: a page is drawn by the server before its script has taken it over, and
 * what is typed in between is lost. People do not notice; a test on a busy machine is quicker than they are.
 */
export const test = base.extend({
  page: async ({ page }, run) => {
    const listening = () =>
      page.waitForFunction(() =>
        [...document.querySelectorAll('main')].every((main) =>
          Object.keys(main).some((key) => key.startsWith('__reactFiber')),
        ),
      );
    const { goto, reload } = page;
    page.goto = async (...asked) => {
      const response = await goto.apply(page, asked);
      await listening();
      return response;
    };
    page.reload = async (...asked) => {
      const response = await reload.apply(page, asked);
      await listening();
      return response;
    };
    const forbidden: string[] = [];
    page.on('console', (message) => {
      if (message.text().includes('Content Security Policy')) forbidden.push(message.text());
    });
    await run(page);
    base.expect(forbidden, 'what the policy of content forbids').toEqual([]);
  },
});
