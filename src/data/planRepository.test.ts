import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newPlan } from '@/core/plan/newPlan';
import { openDatabase } from './openDatabase';
import { createPlanRepository } from './planRepository';
import { plans } from './schema';

const folder = mkdtempSync(join(tmpdir(), 'grozer-'));
afterAll(() => rmSync(folder, { recursive: true }));

const fresh = () => {
  const db = openDatabase(':memory:');
  return { db, repository: createPlanRepository(db) };
};

test('a plan is found again as it was put there', () => {
  const { repository } = fresh();
  const plan = newPlan('Lamp');
  repository.insert('a', plan, 1000);
  expect(repository.find('a')).toEqual({
    id: 'a',
    revision: 1,
    updatedAt: 1000,
    plan: { ok: true, value: plan },
  });
  expect(repository.find('b')).toBeNull();
});

test('a save needs the revision that it started from', () => {
  const { repository } = fresh();
  repository.insert('a', newPlan('Lamp'), 1);
  expect(repository.save('a', newPlan('Bell'), 1, 2)).toEqual({ status: 'saved', revision: 2 });
  expect(repository.save('a', newPlan('Clock'), 1, 3)).toEqual({ status: 'conflict', revision: 2 });
  expect(repository.save('z', newPlan('Clock'), 1, 3)).toEqual({ status: 'missing' });
  const found = repository.find('a');
  expect(found?.plan.ok && found.plan.value.title).toBe('Bell');
});

test('the shelf shows the last changed first, without the deleted, which can be put back', () => {
  const { repository } = fresh();
  repository.insert('a', newPlan('A'), 1);
  repository.insert('b', newPlan('B'), 2);
  repository.save('a', newPlan('A again'), 1, 3);
  expect(repository.list().map(({ id }) => id)).toEqual(['a', 'b']);
  expect(repository.remove('a', 4)).toBe(true);
  expect(repository.remove('a', 4)).toBe(false);
  expect(repository.list().map(({ id }) => id)).toEqual(['b']);
  expect(repository.restore('a')).toBe(true);
  expect(repository.restore('a')).toBe(false);
  expect(repository.find('a')?.revision).toBe(2);
});

test('a document that cannot be read comes with its faults', () => {
  const { db, repository } = fresh();
  db.insert(plans)
    .values({ id: 'x', document: '{"version":1}', revision: 1, createdAt: 1, updatedAt: 1 })
    .run();
  const found = repository.find('x');
  expect(found?.plan.ok).toBe(false);
});

test('a database file keeps its plans, uses WAL and checks foreign keys', () => {
  const file = join(folder, 'deep', 'grozer.db');
  const first = openDatabase(file);
  createPlanRepository(first).insert('a', newPlan('Lamp'), 1);
  expect(first.$client.pragma('journal_mode', { simple: true })).toBe('wal');
  expect(first.$client.pragma('foreign_keys', { simple: true })).toBe(1);
  first.$client.close();
  const second = openDatabase(file);
  expect(createPlanRepository(second).list()).toHaveLength(1);
  second.$client.close();
});
