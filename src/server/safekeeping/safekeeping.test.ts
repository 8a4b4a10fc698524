import {
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { newPlan } from '@/core/records/plan/newPlan';
import { lastBackup, lessonsSinceBackup, markBackup } from '@/data/backupMarks';
import { createClassRepository } from '@/data/classRepository';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase, openToRead } from '@/data/openDatabase';
import { clearOrphans } from '../bench/photos';
import { oldDatabase } from '@/testing/data/oldDatabase';
import { openBackup } from './openBackup';
import { restoreBackup } from './restoreBackup';
import { backupStream, writeBackup } from './writeBackup';

const NOW = Date.parse('2027-01-29T14:02:00Z');
const PHOTO = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
const DAY = 86_400_000;

/** One pixel, and words behind it that tell pictures apart. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
const photoOf = (title: string): Buffer => Buffer.concat([PIXEL, Buffer.from(title)]);

/** What lies in the system’s folder for such things may be another run’s. */
const mockTemporary: { folder: string | null } = { folder: null };
jest.mock('node:os', () => {
  const os = jest.requireActual<{ tmpdir: () => string }>('node:os');
  return { ...os, tmpdir: () => mockTemporary.folder ?? os.tmpdir() };
});

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-safe-'));
  mockTemporary.folder = join(folder, 'temporary');
  mkdirSync(mockTemporary.folder);
});
afterEach(() => {
  mockTemporary.folder = null;
  rmSync(folder, { recursive: true });
});

/** A house with one plan, a note and a photo. */
function house(name: string, title: string) {
  const at = join(folder, name);
  const databaseFile = join(at, 'grozer.db');
  const db = openDatabase(databaseFile);
  createDocumentRepository(db, 'plans').insert('p', newPlan(title), NOW);
  const note = { kind: 'note', text: `seen in ${title}`, takenAt: '2027-01-29T14:02:00Z' } as const;
  const photo = {
    kind: 'photo',
    photo: PHOTO,
    type: 'image/png',
    bytes: PIXEL.length,
    caption: '',
    takenAt: note.takenAt,
  } as const;
  [note, photo].forEach((entry, index) =>
    createLogRepository(db).append(
      'p',
      { entryId: `a${index}`, revision: 1, group: 'Tern', entry, struck: false },
      'group',
      NOW,
    ),
  );
  createClassRepository(db).secret('passcode', () => '123456');
  const photosFolder = join(at, 'photos');
  mkdirSync(photosFolder);
  writeFileSync(join(photosFolder, PHOTO), photoOf(title));
  return { db, databaseFile, photosFolder, backupsFolder: join(at, 'backups'), now: NOW };
}
const titles = (db: ReturnType<typeof house>['db']): string[] =>
  createDocumentRepository(db, 'plans')
    .list()
    .map(({ document }) => (document.ok ? document.value.title : '?'));
const opened = async (file: string) => {
  const found = await openBackup(file);
  if (!found.ok) throw new Error(found.issues[0]?.message);
  return found.value;
};
const faultOf = async (file: string): Promise<string> => {
  const found = await openBackup(file);
  return found.ok
    ? 'none'
    : found.issues.map(({ path, message }) => `${path.join('/')}: ${message}`).join(' ');
};
const zipped = async (file: string, parts: Record<string, string | Buffer>): Promise<string> => {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(parts)) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  await pipeline(zip.outputStream, createWriteStream(file));
  return file;
};

/** A backup that somebody made of a database by hand. */
async function madeOf(file: string, more: Record<string, string | Buffer> = {}): Promise<string> {
  const db = readFileSync(file);
  const { createHash } = await import('node:crypto');
  const manifest = {
    format: 'grozer-backup',
    version: 1,
    madeAt: '2026-01-01T00:00:00.000Z',
    holds: { plans: 1, others: 0, lines: 0, photos: 0 },
    files: [
      {
        name: 'grozer.db',
        bytes: db.length,
        sha256: createHash('sha256').update(db).digest('hex'),
      },
    ],
  };
  return zipped(join(folder, 'made.zip'), {
    'grozer-backup.json': JSON.stringify(manifest),
    'grozer.db': db,
    ...more,
  });
}

test('everything goes out while it is in use, and comes back elsewhere; what was there is kept first', async () => {
  const from = house('from', 'Lamp');
  const file = join(folder, 'all.zip');
  const manifest = await writeBackup(from, file);
  expect(manifest).toMatchObject({ holds: { plans: 1, others: 0, lines: 2, photos: 1 } });
  expect(statSync(file).mode & 0o077).toBe(0);
  expect(existsSync(`${file}.part`)).toBe(false);

  const to = house('to', 'Clock');
  const backup = await opened(file);
  const restored = await restoreBackup(to, backup);
  await backup.close();
  // The connection that was open all the time sees it.
  expect(titles(to.db)).toEqual(['Lamp']);
  expect(createLogRepository(to.db).linesAfter('p', 0)).toMatchObject([
    { entry: { text: 'seen in Lamp' } },
    { entry: { photo: PHOTO } },
  ]);
  expect(readFileSync(join(to.photosFolder, PHOTO))).toEqual(photoOf('Lamp'));
  // The door's secrets stay where they are made.
  expect(createClassRepository(to.db).secret('passcode', () => 'fresh')).toBe('fresh');

  const before = await opened(restored.keptAs);
  await restoreBackup(to, before);
  await before.close();
  expect(titles(to.db)).toEqual(['Clock']);
  expect(readFileSync(join(to.photosFolder, PHOTO))).toEqual(photoOf('Clock'));
  expect(readdirSync(to.backupsFolder)).toHaveLength(2);
});

test('a window that was open before cannot write over what was put back', async () => {
  const from = house('from', 'Lamp');
  const plans = createDocumentRepository(from.db, 'plans');
  const revision = () => plans.find('p')?.revision ?? 0;
  const saved = (title: string, on: number) => plans.save('p', newPlan(title), on, NOW).status;
  const file = join(folder, 'all.zip');
  await writeBackup(from, file);
  // One window edits on; what it had is put back, and edited elsewhere as often as the first one did.
  const heldBefore = revision();
  expect(saved('Lamp, edited', heldBefore)).toBe('saved');
  const held = revision();
  const backup = await opened(file);
  await restoreBackup(from, backup);
  await backup.close();
  expect(titles(from.db)).toEqual(['Lamp']);
  expect(saved('stale', heldBefore)).toBe('conflict');
  expect(saved('stale', held)).toBe('conflict');
  expect(saved('Lamp, edited elsewhere', revision())).toBe('saved');
  expect(saved('stale', held)).toBe('conflict');
  expect(titles(from.db)).toEqual(['Lamp, edited elsewhere']);
});

test('what is no whole backup is refused with its place, and nothing stays behind', async () => {
  const { db, ...from } = house('from', 'Lamp');
  const file = join(folder, 'all.zip');
  const manifest = await writeBackup({ ...from, db }, file);
  const backup = await opened(file);
  const database = readFileSync(backup.databaseFile);
  await backup.close();
  const text = JSON.stringify(manifest);
  const bad = (parts: Record<string, string | Buffer>) =>
    zipped(join(folder, 'bad.zip'), parts).then(faultOf);
  writeFileSync(join(folder, 'no.zip'), 'no zip at all');
  expect(await faultOf(join(folder, 'no.zip'))).toMatch(/cannot be unpacked/);
  expect(await bad({ 'notes.txt': 'hello' })).toMatch(/notes.txt: This is no part of a backup/);
  expect(await bad({ 'grozer.db': database })).toMatch(/no backup of Grozer/);
  expect(await bad({ 'grozer-backup.json': '{"format":"other"}' })).toMatch(/no backup of Grozer/);
  expect(await bad({ 'grozer-backup.json': text.replace('"version":1', '"version":2') })).toMatch(
    /newer Grozer/,
  );
  expect(await bad({ 'grozer-backup.json': text, 'grozer.db': database })).toMatch(/checksum/);
  expect(await bad({ 'grozer-backup.json': text })).toMatch(/grozer.db: It is missing/);
  const climbing = await zipped(join(folder, 'up.zip'), { 'xx/grozer.db': 'x' });
  const climbs = readFileSync(climbing, 'latin1').replaceAll('xx/grozer.db', '../grozer.db');
  writeFileSync(climbing, climbs, 'latin1');
  expect(await faultOf(climbing)).toMatch(/invalid relative path/);
  const broken = readFileSync(file);
  writeFileSync(join(folder, 'cut.zip'), broken.subarray(0, broken.length / 2));
  expect(await faultOf(join(folder, 'cut.zip'))).toMatch(/cannot be unpacked/);
  // Nothing unpacked is left.
  expect(readdirSync(tmpdir())).toEqual([]);
});

test('a backup that nobody reads to its end is not called one', async () => {
  const { stream, whole } = await backupStream(house('from', 'Lamp'));
  stream.destroy();
  await expect(whole).rejects.toThrow('Premature close');
});

test('ten lessons are counted from the last backup on', () => {
  const { db } = house('from', 'Lamp');
  const log = createLogRepository(db);
  const read = (plan: string, day: number) =>
    log.append(
      plan,
      {
        entryId: `${plan} ${day}`,
        revision: 1,
        group: 'Tern',
        entry: { kind: 'help', wanted: true, takenAt: '2027-01-29T14:02:00Z' },
        struck: false,
      },
      'group',
      NOW + day * DAY,
    );
  expect(lastBackup(db)).toBeNull();
  for (let day = 1; day <= 5; day += 1) read('p', day);
  read('q', 5);
  expect(lessonsSinceBackup(db)).toBe(7);
  markBackup(db, NOW + 4 * DAY);
  expect(lastBackup(db)).toBe(NOW + 4 * DAY);
  expect(lessonsSinceBackup(db)).toBe(2);
});

test('a backup of an older version is brought up to date, one of a newer version refused', async () => {
  const old = join(folder, 'old.db');
  oldDatabase(old, 4).close();
  const backup = await opened(await madeOf(old));
  const to = house('to', 'Clock');
  await restoreBackup(to, backup);
  await backup.close();
  expect(titles(to.db)).not.toContain('Clock');
  to.db.$client.close();
  const newer = new Database(to.databaseFile);
  newer.exec('UPDATE __drizzle_migrations SET created_at = 9999999999999');
  newer.pragma('journal_mode = DELETE');
  newer.close();
  expect(await faultOf(await madeOf(to.databaseFile))).toMatch(/newer Grozer/);
});

/** A database file with something done to it, in one piece. */
function changed(name: string, sql: string): string {
  const { db, databaseFile } = house(name, 'Crafted');
  db.$client.exec(sql);
  db.$client.pragma('journal_mode = DELETE');
  db.$client.close();
  return databaseFile;
}

test('a backup whose database lacks a table or a column of ours is refused before anything is touched', async () => {
  expect(await faultOf(await madeOf(changed('a', 'DROP TABLE log_lines')))).toMatch(
    /cannot be used: it has no table log_lines/,
  );
  const file = changed('b', 'ALTER TABLE classes RENAME COLUMN code TO kode');
  expect(await faultOf(await madeOf(file))).toMatch(/its table classes has no column code/);
});

test('only data come back: no trigger, view, foreign table, secret or class of a crafted database', async () => {
  const file = changed(
    'crafted',
    `CREATE TABLE extra (x);
     CREATE VIEW looks AS SELECT 1;
     CREATE TRIGGER empties AFTER INSERT ON log_lines BEGIN DELETE FROM log_lines; END;`,
  );
  const to = house('to', 'Clock');
  const backup = await opened(await madeOf(file));
  await restoreBackup(to, backup);
  await backup.close();
  const parts = to.db.$client.prepare('SELECT name FROM sqlite_master').pluck().all();
  for (const name of ['extra', 'looks', 'empties']) expect(parts).not.toContain(name);
  expect(createClassRepository(to.db).secret('passcode', () => 'fresh')).toBe('fresh');
  expect(titles(to.db)).toEqual(['Crafted']);
  // The photo that was there is in the kept copy, and nowhere else.
  expect(readdirSync(to.photosFolder)).toEqual([]);
});

test('a photo that the backup does not list, or that is none, is refused', async () => {
  const file = changed('plain', '');
  const name = `photos/${PHOTO}`;
  expect(await faultOf(await madeOf(file, { [name]: PIXEL }))).toMatch(/does not list it/);
});

test('where what is there cannot be backed up its files are kept as they are, and the good backup comes back', async () => {
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const from = house('from', 'Lamp');
  const file = join(folder, 'all.zip');
  await writeBackup(from, file);
  const to = house('to', 'Clock');
  to.db.$client.exec('DROP TABLE log_lines');
  const backup = await opened(file);
  const { keptAs } = await restoreBackup(to, backup);
  await backup.close();
  expect(readdirSync(keptAs)).toEqual(expect.arrayContaining(['grozer.db', 'photos']));
  expect(titles(to.db)).toEqual(['Lamp']);
  expect(createLogRepository(to.db).linesAfter('p', 0)).toHaveLength(2);
  said.mockRestore();
});

test('for looking only, the lines beside the database are read too, and a backup of it has them', async () => {
  const from = house('from', 'Lamp');
  // As after a kill: the newest lines stand in the log beside the file.
  expect(statSync(`${from.databaseFile}-wal`).size).toBeGreaterThan(0);
  const looked = openToRead(from.databaseFile);
  expect(createLogRepository(looked).linesAfter('p', 0)).toHaveLength(2);
  const { holds } = await writeBackup({ ...from, db: looked }, join(folder, 'look.zip'));
  expect(holds.lines).toBe(2);
});

test('a photo that no line names goes when no class runs, and is in no backup; in a class its line may still come', async () => {
  const from = house('from', 'Lamp');
  const lost = '1c0f7b63-8b63-4d9f-8b4f-1e8c4a7a6b22';
  writeFileSync(join(from.photosFolder, lost), photoOf('lost'));
  const { holds } = await writeBackup(from, join(folder, 'all.zip'));
  expect(holds.photos).toBe(1);
  const came = statSync(join(from.photosFolder, lost)).mtimeMs;
  const context = { log: createLogRepository(from.db), classes: createClassRepository(from.db) };
  const leftAfter = (milliseconds: number): readonly string[] => {
    clearOrphans({ ...context, now: () => came + milliseconds }, from.photosFolder);
    return readdirSync(from.photosFolder);
  };
  context.classes.open('p', 'abc', came, came + DAY);
  expect(leftAfter(120_000)).toContain(lost);
  context.classes.close('p', came + 1000);
  expect(leftAfter(1000)).toContain(lost);
  expect(leftAfter(120_000)).toEqual([PHOTO]);
});
