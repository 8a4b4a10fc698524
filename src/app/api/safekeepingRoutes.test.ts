import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { GATEWAY_HEADER } from '@/server/lanGateway/gatewayHeader';
import { backupState, dropAllWaiting } from '@/server/safekeeping/keeper';
import { GET as list, POST as create } from './[kind]/route';
import { POST as backUp } from './backup/route';
import { DELETE as drop, POST as putBack } from './restore/[id]/route';
import { POST as receive } from './restore/route';

let folder = '';

beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-keeping-'));
  process.env['GROZER_DB'] = join(folder, 'grozer.db');
});
afterAll(() => rmSync(folder, { recursive: true }));

const HERE = { host: '127.0.0.1:3000' };
const post = (body: BodyInit | null = null, headers: Record<string, string> = HERE): Request =>
  new Request('http://127.0.0.1:3000/', { method: 'POST', body, headers });
const plans = { params: Promise.resolve({ kind: 'plans' }) };
const waiting = (id: string) => ({ params: Promise.resolve({ id }) });
const make = async (title: string): Promise<void> => {
  expect((await create(post(JSON.stringify({ title })), plans)).status).toBe(201);
};
const titles = async (): Promise<string[]> =>
  ((await (await list(post(), plans)).json()) as { title: string }[])
    .map(({ title }) => title)
    .sort();
const backup = async (): Promise<Uint8Array<ArrayBuffer>> => {
  const answer = await backUp(post());
  expect(answer.headers.get('content-disposition')).toMatch(/\.grozer-backup\.zip"$/);
  return new Uint8Array(await answer.arrayBuffer());
};
const send = async (bytes: Uint8Array<ArrayBuffer>): Promise<string> => {
  const answer = await receive(post(bytes));
  expect(answer.status).toBe(200);
  return ((await answer.json()) as { id: string }).id;
};

test('everything goes out, is noted at once, and comes back in place of what there is', async () => {
  await make('Lamp');
  expect(backupState()).toMatchObject({ last: null, lessons: 0 });
  const bytes = await backup();
  // Whoever looks when the last byte has come finds it noted.
  expect(backupState().last).not.toBeNull();
  await make('Fog bell');
  expect(await titles()).toEqual(['Fog bell', 'Lamp']);
  const id = await send(bytes);
  const answer = await putBack(post(), waiting(id));
  expect(answer.status).toBe(200);
  const { keptAs } = (await answer.json()) as { keptAs: string };
  expect(await titles()).toEqual(['Lamp']);
  // What was here before stands beside it, and nothing waits any more.
  expect(readdirSync(join(folder, 'backups')).map((name) => keptAs.endsWith(name))).toEqual([true]);
  const again = await putBack(post(), waiting(id));
  expect(again.status).toBe(422);
  expect(await again.json()).toMatchObject({
    faults: [{ message: 'This backup does not wait any more: choose the file again.' }],
  });
});

test('what waits is dropped on request, and at the next start', async () => {
  const bytes = await backup();
  const before = readdirSync(join(folder, 'backups')).length;
  const first = await send(bytes);
  await send(bytes);
  expect(readdirSync(join(folder, 'backups'))).toHaveLength(before + 2);
  expect(await (await drop(post(), waiting(first))).json()).toEqual({ dropped: true });
  expect(readdirSync(join(folder, 'backups'))).toHaveLength(before + 1);
  dropAllWaiting();
  expect(readdirSync(join(folder, 'backups'))).toHaveLength(before);
});

test('what is no backup is refused, and nothing of it stays', async () => {
  const before = readdirSync(join(folder, 'backups'));
  const refused = await receive(post('no backup at all'));
  expect(refused.status).toBe(422);
  expect(await refused.json()).toMatchObject({
    message: 'This file was not taken; nothing has changed.',
  });
  expect((await receive(post())).status).toBe(422);
  expect((await putBack(post(), waiting('../grozer.db'))).status).toBe(404);
  expect((await drop(post(), waiting('../grozer.db'))).status).toBe(404);
  expect(readdirSync(join(folder, 'backups'))).toEqual(before);
  expect(await titles()).toEqual(['Lamp']);
});

test.each([
  ['through the gateway', { ...HERE, [GATEWAY_HEADER]: '1' }, /own computer only/],
  ['from another site', { ...HERE, origin: 'http://elsewhere.example' }, /another web site/],
  ['under another name', { host: 'grozer.example' }, /127\.0\.0\.1 or localhost/],
])('nobody takes or replaces all data %s', async (_, headers, words) => {
  for (const answer of [
    await backUp(post(null, headers)),
    await receive(post('x', headers)),
    await putBack(post(null, headers), waiting('3f0e7b58-7c3c-4a4e-9d0e-2b1b5a3c9f10')),
    await drop(post(null, headers), waiting('3f0e7b58-7c3c-4a4e-9d0e-2b1b5a3c9f10')),
  ]) {
    expect(answer.status).toBe(403);
    expect(((await answer.json()) as { message: string }).message).toMatch(words);
  }
});
