import { expect, test } from './test';
import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LogLine } from '@/core/records/logbook/logEntry';

const PORT = 3212;
const APP = `http://127.0.0.1:${PORT}`;
const WRITERS = 8;
const ACKNOWLEDGED_BEFORE_THE_KILL = 120;

async function start(database: string): Promise<ChildProcess> {
  const app = spawn(
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
      { timeout: 30_000 },
    )
    .toBe(200);
  return app;
}

const killed = (app: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    app.on('exit', () => resolve());
    app.kill('SIGKILL');
  });

const post = (url: string, body: object): Promise<Response> =>
  fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

// Both have the port for themselves, one after the other.
test.describe.configure({ mode: 'serial' });

test('the app is killed in the middle: every acknowledged reading is there on restart, none twice', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'grozer-crash-'));
  const database = join(folder, 'grozer.db');
  const first = await start(database);
  const { id } = (await (await post(`${APP}/api/plans`, { title: 'Crash' })).json()) as {
    id: string;
  };
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
          first.kill('SIGKILL');
        }
      }
    }),
  );
  expect(acknowledged.size).toBeGreaterThanOrEqual(ACKNOWLEDGED_BEFORE_THE_KILL);
  const second = await start(database);
  const stored = (await (await fetch(log)).json()) as LogLine[];
  const ids = stored.map(({ entryId }) => entryId);
  expect([...acknowledged].filter((entryId) => !ids.includes(entryId))).toEqual([]);
  // Whoever got no answer sends again: then everything is there once.
  for (const entryId of tried) {
    if (!acknowledged.has(entryId)) expect((await post(log, requestOf(entryId))).status).toBe(201);
  }
  const after = (await (await fetch(log)).json()) as LogLine[];
  expect(after.map(({ entryId }) => entryId).sort()).toEqual([...tried].sort());
  await killed(second);
  rmSync(folder, { recursive: true });
});

test('Ctrl+C in the middle of a class: streams end, and everything is in one file', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'grozer-stop-'));
  const database = join(folder, 'grozer.db');
  const app = await start(database);
  const { id } = (await (await post(`${APP}/api/plans`, { title: 'Stop' })).json()) as {
    id: string;
  };
  await post(`${APP}/api/lessons/${id}/class`, { running: true });
  const streams = await Promise.all(
    Array.from({ length: 5 }, () => fetch(`${APP}/api/lessons/${id}/events`)),
  );
  expect(streams.every(({ ok }) => ok)).toBe(true);
  expect(existsSync(`${database}-wal`)).toBe(true);
  const stopped = new Promise<void>((resolve) => app.on('exit', () => resolve()));
  app.kill('SIGINT');
  // Open streams do not hold it: without an end of its own the process would wait for them.
  await stopped;
  expect(existsSync(`${database}-wal`)).toBe(false);
  const again = await start(database);
  expect((await fetch(`${APP}/api/plans/${id}`)).status).toBe(200);
  await killed(again);
  rmSync(folder, { recursive: true });
});
