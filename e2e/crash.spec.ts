import { expect, test } from './test';
import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LogLine } from '@/core/records/logbook/logEntry';

const PORT = 3212;
const APP = `http://127.0.0.1:${PORT}`;
const WRITERS = 8;
const ACKNOWLEDGED_BEFORE_THE_KILL = 120;

let folder = '';
let database = '';
let app: ChildProcess | null = null;

async function startAgain(): Promise<void> {
  app = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT)],
    { env: { ...process.env, PORT: String(PORT), GROZER_DB: database }, stdio: 'ignore' },
  );
  await expect
    .poll(
      () =>
        fetch(`${APP}/join`).then(
          ({ status }) => status,
          () => 0,
        ),
      { intervals: [100] },
    )
    .toBe(200);
}

const post = (url: string, body: object): Promise<Response> =>
  fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

async function newPlan(title: string): Promise<string> {
  const { id } = (await (await post(`${APP}/api/plans`, { title })).json()) as { id: string };
  return id;
}

async function end(signal: 'SIGINT' | 'SIGKILL'): Promise<void> {
  const running = app;
  if (running !== null && running.exitCode === null && running.signalCode === null) {
    await new Promise((resolve) => {
      running.on('exit', resolve);
      running.kill(signal);
    });
  }
  app = null;
}

// One database and its app through all that may befall it: each test takes over where the one before ended.
test.describe.configure({ mode: 'serial' });

test.beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-crash-'));
  database = join(folder, 'grozer.db');
});

test.afterAll(async () => {
  await end('SIGKILL');
  rmSync(folder, { recursive: true });
});

test('the app is killed in the middle: every acknowledged reading is there on restart, none twice', async () => {
  await startAgain();
  const id = await newPlan('Lamp');
  const log = `${APP}/api/lessons/${id}/log`;
  const acknowledged = new Set<string>();
  const tried = new Set<string>();
  const requestOf = (entryId: string) => ({
    entryId,
    revision: 1,
    group: 'Tern',
    entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:00:00Z' },
    struck: false,
  });
  let running = true;
  await Promise.all(
    Array.from({ length: WRITERS }, async (_, writer) => {
      for (let index = 0; running; index += 1) {
        const entryId = `${writer} ${index}`;
        tried.add(entryId);
        try {
          const answer = await post(log, requestOf(entryId));
          if (answer.status === 201) acknowledged.add(entryId);
        } catch {
          // The line broke off: whether this one was written is what the restart shows.
          running = false;
        }
        if (acknowledged.size >= ACKNOWLEDGED_BEFORE_THE_KILL && running) {
          running = false;
          app?.kill('SIGKILL');
        }
      }
    }),
  );
  expect(acknowledged.size).toBeGreaterThanOrEqual(ACKNOWLEDGED_BEFORE_THE_KILL);
  await startAgain();
  const stored = (await (await fetch(log)).json()) as LogLine[];
  const ids = stored.map(({ entryId }) => entryId);
  expect([...acknowledged].filter((entryId) => !ids.includes(entryId))).toEqual([]);
  // Whoever got no answer sends again: then everything is there once.
  for (const entryId of tried) {
    if (!acknowledged.has(entryId)) expect((await post(log, requestOf(entryId))).status).toBe(201);
  }
  const after = (await (await fetch(log)).json()) as LogLine[];
  expect(after.map(({ entryId }) => entryId).sort()).toEqual([...tried].sort());
});

test('a backup is made and put back on its page', async ({ page }) => {
  await page.goto(`${APP}/safekeeping`);
  await expect(page.getByTestId('last-backup')).toHaveText(/^Nothing has been backed up yet/);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const backup = join(folder, 'backup.zip');
  await (await download).saveAs(backup);
  await newPlan('Fog bell');
  await page.reload();
  await expect(page.getByTestId('last-backup')).toHaveText(
    /^Last backed up on .*; no lesson since/,
  );

  const chosen = page.getByLabel('Backup to put back');
  await chosen.setInputFiles('docs/screenshots/shelf.png');
  await expect(page.getByTestId('refusal')).toContainText('nothing has changed');
  await chosen.setInputFiles(backup);
  await expect(page.getByTestId('waiting-backup')).toContainText('1 plan, ');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByTestId('restored')).toContainText('before-restore-');
  await page.goto(APP);
  await expect(page.getByRole('article')).toHaveCount(1);
  await expect(page.getByRole('article')).toContainText('Lamp');
});

test('Ctrl+C in the middle of a class: streams end, and everything is in one file', async () => {
  const id = await newPlan('Tide clock');
  await post(`${APP}/api/lessons/${id}/class`, { running: true });
  const streams = await Promise.all(
    Array.from({ length: 5 }, () => fetch(`${APP}/api/lessons/${id}/events`)),
  );
  expect(streams.every(({ ok }) => ok)).toBe(true);
  expect(existsSync(`${database}-wal`)).toBe(true);
  // Open streams do not hold it: without an end of its own the process would wait for them.
  await end('SIGINT');
  expect(existsSync(`${database}-wal`)).toBe(false);
});

test('what cannot be written can be looked at; what cannot be opened says why', async ({
  page,
}) => {
  // In place of its log stands something that is no file: SQLite cannot write.
  mkdirSync(`${database}-wal`);
  await startAgain();
  await page.goto(APP);
  await expect(page.getByTestId('read-only')).toBeVisible();
  await expect(page.getByRole('article')).toHaveCount(2);
  await page.getByRole('article').getByRole('link').first().click();
  await page.getByRole('textbox', { name: 'Title of the plan' }).fill('Lamp, changed');
  await expect(page.getByTestId('save-state')).toContainText('Nothing can be saved');
  await end('SIGKILL');
  rmSync(`${database}-wal`, { recursive: true });
  writeFileSync(database, 'no database at all '.repeat(100));
  await startAgain();
  await page.goto(APP);
  await expect(page.getByTestId('closed')).toContainText('npm run -s restore');
});
