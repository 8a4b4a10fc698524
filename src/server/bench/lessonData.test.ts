import { existsSync, mkdtempSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase } from '@/data/openDatabase';
import { freshBench, NOW } from '@/testing/server/benchForTests';
import { eraseLessonData, lessonData } from './lessonData';
import { clearBrokenUploads } from './photos';

const OWN = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
const SHARED = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a12';
const takenAt = '2027-01-29T14:02:00Z';

const line = (entryId: string, entry: LogRequest['entry'], struck = false): LogRequest => ({
  entryId,
  revision: 1,
  group: 'Tern',
  entry,
  struck,
});
const photo = (id: string): LogRequest =>
  line(id, { kind: 'photo', photo: id, type: 'image/png', bytes: 1, caption: '', takenAt });

let folder = '';
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'grozer-lesson-'))));
afterEach(() => rmSync(folder, { recursive: true }));

test('a class’s data go for good, struck notes and photos too; what another plan names stays', () => {
  const context = freshBench();
  context.documents('plans').insert('q', newPlan('Other'), NOW);
  for (const id of [OWN, SHARED]) writeFileSync(join(folder, id), 'x');
  context.log.appendAll(
    'p',
    [line('a', { kind: 'note', text: 'wrong', takenAt }, true), photo(OWN), photo(SHARED)],
    'teacher',
    NOW,
  );
  context.log.append('q', photo(SHARED), 'teacher', NOW);
  expect(lessonData(context, 'p')).toEqual({ lines: 3, photos: 2 });
  expect(eraseLessonData(context, 'p', folder)).toEqual({ lines: 3, photos: 2 });
  expect(lessonData(context, 'p')).toEqual({ lines: 0, photos: 0 });
  expect(lessonData(context, 'q')).toEqual({ lines: 1, photos: 1 });
  expect([OWN, SHARED].map((id) => existsSync(join(folder, id)))).toEqual([false, true]);
});

test('nothing of it is left in the file of the database', () => {
  const file = join(folder, 'grozer.db');
  const db = openDatabase(file);
  createDocumentRepository(db, 'plans').insert('p', newPlan('Lamp'), NOW);
  const log = createLogRepository(db);
  log.append('p', line('a', { kind: 'note', text: 'a word to forget', takenAt }), 'group', NOW);
  const found = (): boolean =>
    [file, `${file}-wal`].some(
      (one) => existsSync(one) && readFileSync(one).includes('a word to forget'),
    );
  expect(found()).toBe(true);
  log.erase('p');
  expect(found()).toBe(false);
  db.$client.close();
});

test('what uploads that were broken off have left goes after an hour, and nothing else', () => {
  const [old, fresh, whole] = [`${OWN}.part`, `${SHARED}.part`, OWN].map((name) => {
    const path = join(folder, name);
    writeFileSync(path, 'x');
    return path;
  });
  const now = Date.now();
  for (const path of [old, whole]) utimesSync(path ?? '', new Date(0), new Date(0));
  clearBrokenUploads(folder, now);
  expect([old, fresh, whole].map((path) => existsSync(path ?? ''))).toEqual([false, true, true]);
  clearBrokenUploads(join(folder, 'nowhere'), now);
});
