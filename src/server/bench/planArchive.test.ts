import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { faultsOf, freshBench } from '@/testing/server/benchForTests';
import { appendToLog } from './appendToLog';
import { exportResults } from './exportResults';
import { readPhoto, storePhoto } from './photos';
import { importPlanArchive, isArchive } from './planArchive';

const PHOTO = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
const takenAt = '2027-01-29T14:02:00Z';
const request = (entryId: string, entry: LogRequest['entry'], revision = 1): LogRequest => ({
  entryId,
  revision,
  group: 'Tern',
  entry,
  struck: false,
});

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'photos-'));
  storePhoto(folder, PHOTO, PNG);
});
afterEach(() => rmSync(folder, { recursive: true }));

function filledBench() {
  const context = freshBench();
  const photo = { kind: 'photo', photo: PHOTO, type: 'image/png', bytes: PNG.length } as const;
  appendToLog(
    context,
    'p',
    [
      request('a', { kind: 'note', text: 'first', takenAt }),
      request('a', { kind: 'note', text: 'second', takenAt }, 2),
      request('b', { ...photo, caption: 'our lemon', takenAt }),
    ],
    'group',
  );
  appendToLog(context, 'p', [request('c', { kind: 'note', text: 'mine', takenAt })], 'teacher');
  return context;
}

const filesOf = (bytes: Uint8Array | undefined): Record<string, Uint8Array> =>
  unzipSync(bytes ?? new Uint8Array());

test('results go out as one table or as a package of tables with the photos', () => {
  const context = filledBench();
  expect(exportResults(context, 'none', 'csv', folder)).toBeNull();
  expect(exportResults(context, 'p', 'csv', folder)?.name).toBe('lamp.readings.csv');
  const files = filesOf(exportResults(context, 'p', 'package', folder)?.bytes);
  expect(Object.keys(files)).toEqual([
    'datapackage.json',
    'readings.csv',
    'notes.csv',
    'photos.csv',
    'photos/tern-1.png',
  ]);
  expect(strFromU8(files['notes.csv']!)).toContain('Tern,second,');
  expect(strFromU8(files['photos.csv']!)).toContain('Tern,photos/tern-1.png,our lemon,');
  expect(Buffer.from(files['photos/tern-1.png']!).equals(PNG)).toBe(true);
  const described = JSON.parse(strFromU8(files['datapackage.json']!)) as {
    resources: { path: string }[];
  };
  expect(described.resources.map(({ path }) => path)).toEqual([
    'readings.csv',
    'notes.csv',
    'photos.csv',
  ]);
});

test('of a plan that cannot be read its results still go out, by its number; it does not itself', () => {
  const context = filledBench();
  const unread = {
    ...context,
    documents: () => ({ find: () => ({ document: { ok: false, issues: [] } }) }),
  } as unknown as typeof context;
  expect(exportResults(unread, 'p', 'plan', folder)).toBeNull();
  expect(exportResults(unread, 'p', 'csv', folder)?.name).toBe('p.readings.csv');
  const packed = exportResults(unread, 'p', 'package', folder);
  expect(Object.keys(filesOf(packed?.bytes))).toContain('datapackage.json');
  expect(exportResults(context, 'gone', 'csv', folder)).toBeNull();
  // A photo whose file is gone is named, and nothing else lacks.
  rmSync(join(folder, PHOTO));
  const plan = filesOf(exportResults(context, 'p', 'plan', folder)?.bytes);
  expect(Object.keys(plan).sort()).toEqual(['log.json', 'plan.grozer.json']);
  expect(strFromU8(plan['log.json'] ?? new Uint8Array())).toContain(PHOTO);
});

test('a plan with log and photos comes back whole on another machine', () => {
  const from = filledBench();
  const archive = exportResults(from, 'p', 'plan', folder)!;
  expect(archive.name).toBe('lamp.with-log.grozer.zip');
  expect(isArchive(archive.bytes)).toBe(true);
  const to = freshBench();
  const elsewhere = mkdtempSync(join(tmpdir(), 'photos-'));
  const imported = importPlanArchive(to, archive.bytes, elsewhere);
  if (!imported.ok) throw new Error(imported.issues[0]?.message);
  const plain = (context: typeof from, id: string) =>
    context.log.linesAfter(id, 0).map(({ entryId, revision, author, entry, group }) => ({
      entryId,
      revision,
      author,
      entry,
      group,
    }));
  expect(plain(to, imported.value.id)).toEqual(plain(from, 'p'));
  expect(readPhoto(elsewhere, PHOTO)?.type).toBe('image/png');
  const plan = to.documents('plans').find(imported.value.id)?.document;
  expect(plan).toEqual(from.documents('plans').find('p')?.document);
  rmSync(elsewhere, { recursive: true });
});

test('a broken archive stores nothing and says which file is at fault', () => {
  const files = filesOf(exportResults(filledBench(), 'p', 'plan', folder)?.bytes);
  const elsewhere = join(folder, 'none');
  const refusedAt = (change: Record<string, Uint8Array>): string => {
    const to = freshBench();
    const before = to.documents('plans').list().length;
    const imported = importPlanArchive(to, zipSync({ ...files, ...change }), elsewhere);
    expect(to.documents('plans').list()).toHaveLength(before);
    expect(existsSync(elsewhere)).toBe(false);
    return imported.ok ? 'ok' : imported.issues[0]!.path.join(' ');
  };
  expect(refusedAt({ 'log.json': strToU8('{') })).toBe('log.json');
  expect(refusedAt({ 'log.json': strToU8('{"format":"x","version":1,"lines":[]}') })).toBe(
    'log.json format',
  );
  const log = JSON.parse(strFromU8(files['log.json']!)) as { lines: unknown[] };
  const torn = { ...log, lines: log.lines.slice(1) };
  expect(refusedAt({ 'log.json': strToU8(JSON.stringify(torn)) })).toBe(
    'log.json lines 0 revision',
  );
  expect(refusedAt({ 'plan.grozer.json': strToU8('{}') })).toBe('version');
  expect(refusedAt({ 'photos/../../evil': strToU8('x') })).toBe('photos/../../evil');
  expect(refusedAt({ [`photos/${PHOTO}`]: strToU8('no photo') })).toBe(`photos/${PHOTO}`);
  const { ok } = importPlanArchive(freshBench(), strToU8('PK\u0003\u0004 and nothing'), elsewhere);
  expect(ok).toBe(false);
  expect(importPlanArchive(freshBench(), zipSync({}), elsewhere).ok).toBe(false);
});

test('what an archive lacks, or has too much of, is said by its place', () => {
  const files = filesOf(exportResults(filledBench(), 'p', 'plan', folder)?.bytes);
  const said = (bytes: Uint8Array): string => {
    const imported = importPlanArchive(freshBench(), bytes, join(folder, 'none'));
    return imported.ok ? 'ok' : faultsOf(imported);
  };
  const without = (path: string): Uint8Array =>
    zipSync(Object.fromEntries(Object.entries(files).filter(([name]) => name !== path)));
  expect(said(without('plan.grozer.json'))).toBe('plan.grozer.json: The file holds no plan.');
  expect(said(without('log.json'))).toBe('log.json: The file holds no logbook.');
  expect(said(zipSync(files).slice(0, 200))).toMatch(/^: The file cannot be unpacked: .+\.$/);
  const huge = zipSync({ ...files, 'log.json': new Uint8Array(50_000_001) }, { level: 0 });
  expect(said(huge)).toBe(': Unpacked, the file is far too large for a plan.');
  const withLog = (log: unknown): string =>
    said(zipSync({ ...files, 'log.json': strToU8(JSON.stringify(log)) }));
  const log = JSON.parse(strFromU8(files['log.json']!)) as { lines: object[] };
  expect(withLog({ ...log, lines: Array.from({ length: 200_001 }, () => 0) })).toBe(
    'log.json lines: A logbook has at most 200000 lines.',
  );
  const [first, ...rest] = log.lines;
  expect(withLog({ ...log, lines: [{ ...first, group: 7 }, ...rest] })).toMatch(
    /^log\.json lines 0 group: /,
  );
  expect(said(zipSync({ ...files, 'log.json': strToU8('{') }))).toBe(
    'log.json: The logbook is not readable as JSON.',
  );
  expect(withLog({ ...log, version: 99 })).toMatch(/^log\.json version: /);
  expect(said(zipSync({ ...files, 'photos/other': PNG }))).toBe(
    'photos/other: The logbook does not know this photo.',
  );
  expect(said(zipSync({ ...files, [`photos/${PHOTO}`]: strToU8('no photo') }))).toBe(
    `photos/${PHOTO}: This is no JPEG, PNG or WebP photo.`,
  );
});
