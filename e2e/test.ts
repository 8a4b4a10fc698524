import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test as base, chromium, type BrowserContext } from '@playwright/test';

export { expect, type Locator, type Page } from '@playwright/test';

/** What a test may have left in the browser: everything but compiled scripts and fonts. */
const LEFT = 'cookies,local_storage,indexeddb,service_workers';

/**
 * The tests of a worker share one browser with its cache on disk, emptied between them of all but scripts: a page is there
 * in half of the time. Pages are acted on as soon as they listen: a page is drawn by the server before its script has taken
 * it over, and what is typed in between is lost. People do not notice; a test on a busy machine is quicker than they are.
 */
export const test = base.extend<object, { shared: BrowserContext }>({
  shared: [
    async ({}, run, { project }) => {
      const { baseURL, viewport, launchOptions, contextOptions } = project.use;
      const folder = mkdtempSync(join(tmpdir(), 'grozer-browser-'));
      const context = await chromium.launchPersistentContext(folder, {
        ...launchOptions,
        ...contextOptions,
        ...(baseURL === undefined ? {} : { baseURL }),
        ...(viewport === undefined ? {} : { viewport }),
      });
      await run(context);
      await context.close();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  context: async ({ shared, baseURL }, run) => {
    await run(shared);
    const page = await shared.newPage();
    const session = await shared.newCDPSession(page);
    if (baseURL !== undefined) {
      await session.send('Storage.clearDataForOrigin', { origin: baseURL, storageTypes: LEFT });
    }
    await Promise.all(shared.pages().map((one) => one.close()));
  },
  page: async ({ context }, run) => {
    const page = await context.newPage();
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
