import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { binary, ROOT } from '../scripts/lib/run.mjs';
import { printRow } from './print.mjs';

const PORT = 3220;
const BASE = `http://127.0.0.1:${PORT}`;
const EDITS = 120;

/** Time from a key press to the changed verdict and drawing on screen, in the production build. */
export async function benchBrowser() {
  const [node] = binary('');
  const server = spawn(node, ['scripts/serveFilled.mjs', 'data/bench.db'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT), NEXT_TELEMETRY_DISABLED: '1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  try {
    await answering();
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'],
    });
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${BASE}/plans/demo-lamp/arrange`);
    await page.waitForLoadState('networkidle');
    const times = await page.evaluate(measureEdits, EDITS);
    await browser.close();
    printTimes('edit to new verdict, 12-cell plan', times);
  } finally {
    server.kill();
  }
}

/** Runs in the page: alternates more and fewer cells and waits for the frame after the verdict changed. */
async function measureEdits(edits) {
  const verdict = document.querySelector('[data-testid="verdict"]');
  const times = [];
  for (let edit = 0; edit < edits; edit += 1) {
    const key = edit % 2 === 0 ? ']' : '[';
    const changed = new Promise((resolve) => {
      const observer = new MutationObserver(() => {
        observer.disconnect();
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now())));
      });
      observer.observe(verdict, { subtree: true, characterData: true, childList: true });
    });
    const start = performance.now();
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', {
        key,
        code: key === ']' ? 'BracketRight' : 'BracketLeft',
        bubbles: true,
      }),
    );
    document.body.dispatchEvent(new KeyboardEvent('keyup', { key, bubbles: true }));
    times.push((await changed) - start);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times;
}

function printTimes(name, times) {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  printRow(
    name,
    `median ${at(0.5).toFixed(1)} ms, 95th percentile ${at(0.95).toFixed(1)} ms`,
    'budget 50 ms',
  );
}

async function answering() {
  for (let tries = 0; tries < 300; tries += 1) {
    try {
      await fetch(BASE);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
  }
  throw new Error('the server of the bench did not start');
}
