import { existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { closeDatabase, database } from './database';

jest.mock('server-only', () => ({}), { virtual: true });

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-feet-'));
  process.env['GROZER_DB'] = join(folder, 'grozer.db');
});
afterEach(() => {
  closeDatabase();
  rmSync(folder, { recursive: true });
});

test('a file that is moved or deleted while it is open takes nothing more; put back, it goes on', () => {
  const file = join(folder, 'grozer.db');
  expect(database()).toBe(database());
  renameSync(file, `${file}.away`);
  expect(() => database()).toThrow(/was moved, deleted or exchanged while Grozer runs/);
  expect(existsSync(file)).toBe(false);
  renameSync(`${file}.away`, file);
  expect(() => database()).not.toThrow();
});
