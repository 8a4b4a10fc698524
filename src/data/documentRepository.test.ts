import { PLAN_VERSION } from '@/core/records/plan/planSchema';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RECIPE_DOCUMENT } from '@/core/physics/recipes/ownRecipe';
import { newPlan } from '@/core/records/plan/newPlan';
import { oldDatabase } from '@/testing/data/oldDatabase';
import { openDatabase } from './openDatabase';
import { createDocumentRepository } from './documentRepository';
import { documents } from './schema';

const folder = mkdtempSync(join(tmpdir(), 'grozer-'));
afterAll(() => rmSync(folder, { recursive: true }));

const fresh = () => {
  const db = openDatabase(':memory:');
  return { db, repository: createDocumentRepository(db, 'plans') };
};

test('a plan is found again as it was put there', () => {
  const { repository } = fresh();
  const plan = newPlan('Lamp');
  repository.insert('a', plan, 1000);
  expect(repository.find('a')).toEqual({
    id: 'a',
    revision: 1,
    updatedAt: 1000,
    storedVersion: PLAN_VERSION,
    document: { ok: true, value: plan },
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
  expect(found?.document.ok && found.document.value.title).toBe('Bell');
});

test('a copy of what is stored stands beside it under its own id; of nothing there is none', () => {
  const { repository } = fresh();
  repository.insert('a', newPlan('Lamp'), 1);
  repository.save('a', newPlan('Bell'), 1, 2);
  repository.copyStored('a', 'b');
  expect(repository.find('b')?.document).toMatchObject({ ok: true, value: { title: 'Bell' } });
  expect(repository.has('a')).toBe(true);
  repository.copyStored('z', 'c');
  expect(repository.has('c')).toBe(false);
  repository.remove('a', 3);
  expect(repository.has('a')).toBe(false);
  repository.copyStored('a', 'd');
  expect(repository.has('d')).toBe(false);
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
  db.insert(documents)
    .values({
      kind: 'plans',
      id: 'x',
      document: '{"version":1}',
      revision: 1,
      createdAt: 1,
      updatedAt: 1,
    })
    .run();
  const found = repository.find('x');
  expect(found?.document.ok).toBe(false);
});

test('a database file keeps its plans, uses WAL and checks foreign keys', () => {
  const file = join(folder, 'deep', 'grozer.db');
  const first = openDatabase(file);
  createDocumentRepository(first, 'plans').insert('a', newPlan('Lamp'), 1);
  expect(first.$client.pragma('journal_mode', { simple: true })).toBe('wal');
  expect(first.$client.pragma('foreign_keys', { simple: true })).toBe(1);
  first.$client.close();
  const second = openDatabase(file);
  expect(createDocumentRepository(second, 'plans').list()).toHaveLength(1);
  second.$client.close();
});

test('kinds are kept apart', () => {
  const { db, repository } = fresh();
  repository.insert('a', newPlan('Lamp'), 1);
  const recipes = createDocumentRepository(db, 'recipes');
  expect(recipes.find('a')).toBeNull();
  recipes.insert('a', RECIPE_DOCUMENT.fresh('My fruit'), 2);
  expect(recipes.list()).toHaveLength(1);
  expect(repository.list()).toHaveLength(1);
});

test('plans of a database from before there were other documents are found again', () => {
  const file = join(folder, 'old.db');
  const old = oldDatabase(file, 1);
  old
    .prepare('INSERT INTO plans VALUES (?, ?, 3, 1, 2, NULL)')
    .run('lamp', JSON.stringify(newPlan('Lamp')));
  old.close();
  const db = openDatabase(file);
  const found = createDocumentRepository(db, 'plans').find('lamp');
  expect(found).toMatchObject({ revision: 3, document: { ok: true, value: { title: 'Lamp' } } });
  db.$client.close();
});
