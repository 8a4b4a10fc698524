import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/lib/chromium.mjs';

export const PORT = 3210;

/** Settings shared by the browser tests, the screenshots and the bench. */
export const chromium = {
  executablePath: chromiumPath(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // No process is started ahead for a page that may never be opened: a fifth of the time.
    '--disable-features=SpareRendererForSitePerProcess',
  ],
};

export default defineConfig({
  testDir: 'e2e',
  testMatch: '**/*.spec.ts',
  // Beside the results of the other tests: it is emptied at each start.
  outputDir: 'test-results/pages',
  // One more than there are cores: while a page waits, another one works.
  workers: 3,
  fullyParallel: true,
  forbidOnly: process.env['CI'] !== undefined,
  // A page may take its time on a machine that others use too; what never comes still fails.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    // Nothing is waited for that only fades; colours are looked at where they rest.
    contextOptions: { reducedMotion: 'reduce' },
  },
  webServer: {
    command: 'node scripts/serveFilled.mjs data/e2e.db',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
    timeout: 240_000,
  },
});
