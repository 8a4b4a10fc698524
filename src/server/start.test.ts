import { mkdirSync, mkdtempSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '@/testing/server/freePort';
import { newPlan } from '@/core/records/plan/newPlan';
import { closeDatabase } from '@/data/database';
import { benchContext } from './bench/benchContext';
import { openClass } from './bench/classes';
import {
  closeGateway,
  gatewayAddress,
  joinAddress,
  openGatewayNow,
  whyShut,
} from './lanGateway/gatewayKeeper';
import { start, stopOnSignals } from './start';
import { storageProblem, storageState } from './storageProblem';

let folder = '';
const environment = process.env;
let said: string[] = [];
const SIGNALS = ['exit', 'SIGINT', 'SIGTERM'] as const;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-start-'));
  process.env = { ...environment };
  process.env['GROZER_DB'] = join(folder, 'grozer.db');
  process.env['GROZER_GATEWAY_HOST'] = '127.0.0.1';
  process.env['GROZER_GATEWAY_PORT'] = String(await freePort());
  said = [];
  for (const say of ['log', 'error'] as const) {
    jest.spyOn(console, say).mockImplementation((...words) => void said.push(words.join(' ')));
  }
});
afterEach(() => {
  closeGateway();
  closeDatabase();
  jest.restoreAllMocks();
  process.env = environment;
  rmSync(folder, { recursive: true });
});

/** Starts as the app does, without what listens to the process. */
const started = async (): Promise<void> => {
  const once = jest.spyOn(process, 'once').mockImplementation(() => process);
  await start();
  expect(once.mock.calls.map(([signal]) => signal)).toEqual(SIGNALS);
};

test('a start sweeps what a broken stop left behind, and opens no door without a class', async () => {
  const backups = join(folder, 'backups');
  mkdirSync(backups);
  writeFileSync(join(backups, 'waiting-1.zip'), 'half');
  writeFileSync(join(backups, 'kept.grozer-backup.zip'), 'whole');
  await started();
  expect(readdirSync(backups)).toEqual(['kept.grozer-backup.zip']);
  expect([openGatewayNow(), gatewayAddress(), said]).toEqual([null, null, []]);
});

test('a class that was cut short goes on: the door opens and the terminal says where', async () => {
  benchContext().documents('plans').insert('p', newPlan('Lamp'), Date.now());
  expect(openClass(benchContext(), 'p')?.ok).toBe(true);
  await started();
  const port = Number(process.env['GROZER_GATEWAY_PORT']);
  expect(openGatewayNow()?.port).toBe(port);
  expect(said).toHaveLength(1);
  expect(said[0]).toMatch(/^Groups join at /);
  for (const address of openGatewayNow()?.addresses ?? []) {
    expect(said[0]).toContain(`http://${address}:${port}/join`);
  }
  const [address] = openGatewayNow()?.addresses ?? [];
  const own = address === undefined ? null : `http://${address}:${port}`;
  expect([gatewayAddress(), joinAddress()]).toEqual([own, own === null ? null : `${own}/join`]);
});

test('while the disk takes nothing a group is told so, and keeps what it typed', async () => {
  process.env['GROZER_LAN'] = '1';
  await started();
  const log = (): Promise<Response> =>
    fetch(`http://127.0.0.1:${process.env['GROZER_GATEWAY_PORT']}/api/class/log`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    });
  expect((await log()).status).toBe(401);
  renameSync(join(folder, 'grozer.db'), join(folder, 'away.db'));
  said = [];
  const answer = await log();
  expect(answer.status).toBe(503);
  expect(((await answer.json()) as { message: string }).message).toBe(
    'Grozer’s computer cannot save just now: tell your teacher. What you typed is kept here and sent again.',
  );
  expect(said).toEqual([storageState().closed]);
});

test('a door that is wanted always and cannot be opened is said in the terminal, and the app goes on', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  process.env['GROZER_GATEWAY_PORT'] = String((taken.address() as AddressInfo).port);
  process.env['GROZER_LAN'] = '1';
  await started();
  expect(said).toEqual([whyShut()]);
  expect(said[0]).toMatch(/another program uses it/);
  await new Promise((resolve) => taken.close(resolve));
});

test('what stands between the app and its data is said in the terminal and by the pages', async () => {
  expect(storageState()).toEqual({ closed: null, readOnly: null });
  closeDatabase();
  const file = join(folder, 'grozer.db');
  writeFileSync(file, 'no database at all, but long enough to be looked at as one '.repeat(20));
  await started();
  const { closed } = storageState();
  expect(closed).not.toBeNull();
  expect(said).toEqual([`\n${closed}\n`]);
  expect(storageProblem(new Error('something else'))).toBeNull();
});

test('Ctrl+C shuts the door at once and ends a moment later', () => {
  const listeners = new Map<string, () => void>();
  jest.spyOn(process, 'once').mockImplementation((signal, listener) => {
    listeners.set(String(signal), listener as () => void);
    return process;
  });
  const exit = jest.spyOn(process, 'exit').mockImplementation(() => undefined as never);
  jest.useFakeTimers();
  stopOnSignals();
  listeners.get('SIGTERM')?.();
  expect(exit).not.toHaveBeenCalled();
  jest.advanceTimersByTime(1000);
  jest.useRealTimers();
  expect(exit.mock.calls).toEqual([[0]]);
  expect(listeners.get('exit')).toBe(closeDatabase);
});
