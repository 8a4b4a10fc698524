import { expect, test } from './test';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
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

const post = (url: string, body: object): Promise<Response> =>
  fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

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
  second.kill('SIGKILL');
  rmSync(folder, { recursive: true });
});
