import { chmodSync, mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { newPlan } from '@/core/records/plan/newPlan';
import { DatabaseProblem, problemIn } from './databaseProblem';
import { createDocumentRepository } from './documentRepository';
import { openDatabase, openToRead } from './openDatabase';

let folder = '';
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'grozer-problem-'))));
afterEach(() => rmSync(folder, { recursive: true }));

const problemOf = (open: () => unknown): DatabaseProblem => {
  try {
    open();
  } catch (error) {
    if (error instanceof DatabaseProblem) return error;
    throw error;
  }
  throw new Error('it opened');
};

test('a damaged file, one of a newer version, and one that another program holds are told apart', () => {
  const file = join(folder, 'grozer.db');
  writeFileSync(
    file,
    'this is no database at all, but it is long enough to be looked at'.repeat(9),
  );
  expect(problemOf(() => openDatabase(file))).toMatchObject({
    code: 'damaged',
    message: expect.stringMatching(/restore -- BACKUP.zip$/),
  });
  rmSync(file);
  const db = openDatabase(file);
  db.$client.exec('UPDATE __drizzle_migrations SET created_at = 9999999999999');
  db.$client.close();
  expect(problemOf(() => openDatabase(file)).code).toBe('newer');
  expect(problemOf(() => openDatabase(folder)).code).toBe('not-openable');
  const held = new Database(join(folder, 'held.db'));
  held.exec('CREATE TABLE t(x); BEGIN EXCLUSIVE');
  const other = new Database(join(folder, 'held.db'), { timeout: 1 });
  const said = problemOf(() => {
    try {
      other.exec('INSERT INTO t VALUES (1)');
    } catch (error) {
      throw problemIn(error, 'grozer.db') ?? error;
    }
  });
  expect(said).toMatchObject({
    code: 'locked',
    message: expect.stringMatching(/^Another program/),
  });
  other.close();
  held.close();
});

test('where nothing can be written everything can still be looked at, and nothing is taken', () => {
  const file = join(folder, 'grozer.db');
  const db = openDatabase(file);
  createDocumentRepository(db, 'plans').insert('p', newPlan('Lamp'), 1);
  db.$client.close();
  const looking = createDocumentRepository(openToRead(file), 'plans');
  expect(looking.list().map(({ id }) => id)).toEqual(['p']);
  let refused: unknown;
  try {
    looking.insert('q', newPlan('Clock'), 1);
  } catch (error) {
    refused = error;
  }
  expect(problemIn(refused, 'grozer.db')?.code).toBe('not-writable');
});

test.each([
  ['SQLITE_FULL', 'full'],
  ['ENOSPC', 'full'],
  ['EROFS', 'not-writable'],
  ['EACCES', 'not-writable'],
  ['SQLITE_IOERR_WRITE', 'not-writable'],
  ['SQLITE_BUSY_SNAPSHOT', 'locked'],
])('%s is said as %s', (code, expected) => {
  expect(problemIn(Object.assign(new Error('x'), { code }), 'f')?.code).toBe(expected);
});

test('what has nothing to do with the disk stays what it is', () => {
  expect(problemIn(new Error('x'), 'f')).toBeNull();
  expect(problemIn(Object.assign(new Error('x'), { code: 'ECONNRESET' }), 'f')).toBeNull();
  expect(problemIn('x', 'f')).toBeNull();
});

test('the database is for its owner only', () => {
  const file = join(folder, 'inner', 'grozer.db');
  mkdirSync(join(folder, 'inner'));
  writeFileSync(file, '');
  chmodSync(file, 0o644);
  openDatabase(file).$client.close();
  expect(statSync(file).mode & 0o777).toBe(0o600);
});
