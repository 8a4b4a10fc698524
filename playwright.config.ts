import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

export const PORT = 3210;

/** Debian's headless Chromium without a window: quicker than the whole browser. */
const SHELL = '/usr/bin/chromium-headless-shell';

/** Settings shared by the browser tests, the screenshots and the bench. */
export const chromium = {
  executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
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
  workers: 2,
  fullyParallel: true,
  forbidOnly: process.env['CI'] !== undefined,
  timeout: 60_000,
  // A page may take its time on two busy cores; what never comes still fails.
  expect: { timeout: 15_000 },
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
    timeout: 120_000,
  },
});
