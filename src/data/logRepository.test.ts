import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import { createClassRepository } from './classRepository';
import { createDocumentRepository } from './documentRepository';
import { createLogRepository } from './logRepository';
import { oldDatabase } from '@/testing/data/oldDatabase';
import { openDatabase } from './openDatabase';

const folder = mkdtempSync(join(tmpdir(), 'grozer-log-'));
afterAll(() => rmSync(folder, { recursive: true }));

const note = (entryId: string, text: string, change: Partial<LogRequest> = {}): LogRequest => ({
  entryId,
  revision: 1,
  group: 'Tern',
  entry: { kind: 'note', text, takenAt: '2027-01-22T14:02:00Z' },
  struck: false,
  ...change,
});

test('the same line sent again is logged once; another one of the same number is refused', () => {
  const log = createLogRepository(openDatabase(':memory:'));
  const first = log.append('p', note('a', 'bubbles'), 'group', 1);
  expect(first).toMatchObject({ status: 'logged', fresh: true });
  expect(log.append('p', note('a', 'bubbles'), 'group', 2)).toMatchObject({
    status: 'logged',
    fresh: false,
  });
  expect(log.append('p', note('a', 'smoke'), 'group', 3)).toMatchObject({
    status: 'conflict',
    line: { entry: { text: 'bubbles' } },
  });
  expect(log.append('p', note('a', 'froth', { revision: 2 }), 'teacher', 4)).toMatchObject({
    status: 'logged',
  });
  expect(log.append('p', note('a', 'late', { revision: 5 }), 'group', 5).status).toBe('conflict');
  expect(log.append('p', note('b', 'never begun', { revision: 2 }), 'group', 5)).toEqual({
    status: 'conflict',
    line: null,
  });
  // The first line sent again after an edit is still the line that it was.
  expect(log.append('p', note('a', 'bubbles'), 'group', 6)).toMatchObject({ fresh: false });
  expect(log.linesAfter('p', 0).map(({ revision, author }) => [revision, author])).toEqual([
    [1, 'group'],
    [2, 'teacher'],
  ]);
});

test('lines come in order, from a number on, and of one group', () => {
  const log = createLogRepository(openDatabase(':memory:'));
  log.append('p', note('a', 'one'), 'group', 1);
  log.append('q', note('a', 'elsewhere'), 'group', 1);
  log.append('p', note('b', 'two', { group: 'Knot' }), 'group', 1);
  const lines = log.linesAfter('p', 0);
  expect(lines.map(({ group }) => group)).toEqual(['Tern', 'Knot']);
  expect(log.linesAfter('p', lines[0]?.seq ?? 0)).toHaveLength(1);
  expect(log.linesAfter('p', 0, 'Knot').map(({ entryId }) => entryId)).toEqual(['b']);
});

test('many lines are all or none where the writing breaks', () => {
  const database = openDatabase(':memory:');
  const log = createLogRepository(database);
  database.$client.exec(
    "CREATE TRIGGER full BEFORE INSERT ON log_lines WHEN NEW.entry_id = 'c' BEGIN SELECT RAISE(ABORT, 'disk full'); END",
  );
  expect(() =>
    log.appendAll('p', [note('a', 'x'), note('b', 'y'), note('c', 'z')], 'teacher', 1),
  ).toThrow('disk full');
  expect(log.linesAfter('p', 0)).toEqual([]);
});

test('a line that cannot be read stands as a note and hides no other', () => {
  const database = openDatabase(':memory:');
  const log = createLogRepository(database);
  log.append('p', note('a', 'one'), 'group', 1);
  log.append('p', note('b', 'two'), 'group', 1);
  database.$client.exec('UPDATE log_lines SET entry = \'{"kind":"smell"}\' WHERE entry_id = \'a\'');
  log.append('p', note('c', 'three'), 'group', 1);
  database.$client.exec("UPDATE log_lines SET entry = 'no json' WHERE entry_id = 'c'");
  expect(log.linesAfter('p', 0).map(({ entry }) => entry)).toMatchObject([
    { kind: 'note', text: 'This line cannot be read: {"kind":"smell"}' },
    { text: 'two' },
    { kind: 'note', text: 'This line cannot be read: no json' },
  ]);
});

test('the photo of a line that a later version wrote is still named', () => {
  const database = openDatabase(':memory:');
  const log = createLogRepository(database);
  log.append('p', note('a', 'one'), 'group', 1);
  const photo = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
  const later = JSON.stringify({ kind: 'photo', photo, type: 'image/avif' });
  database.$client.prepare('UPDATE log_lines SET entry = ?').run(later);
  expect([...log.photosNamed()]).toEqual([photo]);
});

test('a batch with a line that is not taken stores none of it', () => {
  const log = createLogRepository(openDatabase(':memory:'));
  log.append('p', note('b', 'there'), 'teacher', 1);
  const outcomes = log.appendAll(
    'p',
    [note('a', 'x'), note('b', 'other'), note('c', 'z')],
    'teacher',
    2,
  );
  expect(outcomes.map(({ status }) => status)).toEqual(['logged', 'conflict', 'logged']);
  expect(log.linesAfter('p', 0).map(({ entryId }) => entryId)).toEqual(['b']);
});

test('a group writes and changes its own entries only', () => {
  const log = createLogRepository(openDatabase(':memory:'));
  const step = (group: string, entryId: string): LogRequest => ({
    ...note(entryId, '', { group }),
    entry: { kind: 'step', step: 'kit', state: 'done', takenAt: '2027-01-22T14:02:00Z' },
  });
  const status = (request: LogRequest): string | undefined =>
    log.appendAll('p', [request], 'group', 1)[0]?.status;
  log.append('p', note('of teacher', 'x'), 'teacher', 1);
  log.append('p', step('Tern', 'step Tern kit'), 'teacher', 1);
  expect(status(note('own', 'x'))).toBe('logged');
  expect(status(note('own', 'y', { revision: 2, struck: true }))).toBe('logged');
  // Neither the teacher’s entry nor another group’s, not even to be told what stands there.
  expect(status(note('of teacher', 'y', { revision: 2 }))).toBe('foreign');
  expect(status(note('of teacher', 'y'))).toBe('foreign');
  expect(status(note('own', 'z', { group: 'Knot', revision: 3 }))).toBe('foreign');
  // Marks of steps are shared with the teacher, and nobody takes another group’s.
  expect(status({ ...step('Tern', 'step Tern kit'), revision: 2 })).toBe('logged');
  expect(status(step('Knot', 'step Tern kit'))).toBe('foreign');
  expect(status(step('Knot', 'step Plover kit'))).toBe('foreign');
  expect(status(note('step Plover kit', 'x', { group: 'Knot' }))).toBe('foreign');
});

test('a logbook that comes with its plan is restored as it was, whoever wrote what; with a gap none of it', () => {
  const log = createLogRepository(openDatabase(':memory:'));
  const lines = [
    { ...note('a', 'the teacher’s'), author: 'teacher' as const },
    { ...note('a', 'changed by the group', { revision: 2 }), author: 'group' as const },
  ];
  expect(log.restore('p', lines, 1)).toBe(true);
  expect(log.linesAfter('p', 0).map(({ author }) => author)).toEqual(['teacher', 'group']);
  const gap = [
    lines[0]!,
    { ...note('b', 'never begun', { revision: 2 }), author: 'group' as const },
  ];
  expect(log.restore('q', gap, 1)).toBe(false);
  expect(log.linesAfter('q', 0)).toEqual([]);
});

test('what is acknowledged is on the disk: every commit is synchronised', () => {
  const database = openDatabase(join(folder, 'full.db'));
  expect(database.$client.pragma('synchronous', { simple: true })).toBe(2);
  database.$client.close();
});

test('a class runs until it is closed or its time is over', () => {
  const classes = createClassRepository(openDatabase(':memory:'));
  classes.open('p', 'ABCDEF', 100, 200);
  expect(classes.find('p', 150)).toEqual({
    planId: 'p',
    code: 'ABCDEF',
    startedAt: 100,
    endsAt: 200,
  });
  expect(classes.findByCode('ABCDEF', 150)?.planId).toBe('p');
  expect(classes.find('p', 200)).toBeNull();
  classes.close('p', 160);
  expect(classes.running(165)).toEqual([]);
  classes.open('p', 'GHJKLM', 170, 300);
  expect(classes.running(180)).toHaveLength(1);
  expect(classes.secret('x', () => 'made')).toBe('made');
  expect(classes.secret('x', () => 'again')).toBe('made');
  classes.replaceSecret('x', 'new');
  expect(classes.secret('x', () => 'again')).toBe('new');
});

test('readings of plans from before there was a log are found in it', () => {
  const file = join(folder, 'old.db');
  const old = oldDatabase(file, 4);
  const readings = [
    { kind: 'open-circuit', cells: 2, volts: 1.86, takenAt: '2027-01-22T14:09:00Z' },
    { kind: 'short-circuit', amps: 1.31e-3, takenAt: '2027-01-22T14:03:00Z' },
  ];
  old
    .prepare("INSERT INTO documents VALUES ('plans', 'lamp', ?, 3, 1, 2, NULL)")
    .run(JSON.stringify({ ...newPlan('Lamp'), version: 5, readings }));
  old.close();
  const db = openDatabase(file);
  const lines = createLogRepository(db).linesAfter('lamp', 0);
  expect(
    lines.map(({ group, entry }) => [
      group,
      entry.kind === 'reading' && [entry.measurement, entry.value],
    ]),
  ).toEqual([
    ['Curlew', [{ kind: 'volts', string: 1, from: 1, to: 2, built: 2 }, 1.86]],
    ['Curlew', [{ kind: 'short', string: 1, built: 1 }, 1.31e-3]],
  ]);
  expect(createDocumentRepository(db, 'plans').find('lamp')).toMatchObject({
    storedVersion: 5,
    document: { ok: false, issues: [{ code: 'too-old' }] },
  });
  db.$client.close();
});
