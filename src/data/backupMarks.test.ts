import { lastBackup, lessonsSinceBackup, markBackup } from './backupMarks';
import { createDocumentRepository } from './documentRepository';
import { createLogRepository } from './logRepository';
import { openDatabase } from './openDatabase';
import { newPlan } from '@/core/records/plan/newPlan';

const DAY = 86_400_000;

test('a backup is remembered, the newer one instead of the older; lessons are counted from it by plan and day', () => {
  const db = openDatabase(':memory:');
  const log = createLogRepository(db);
  for (const plan of ['p', 'q'])
    createDocumentRepository(db, 'plans').insert(plan, newPlan(plan), 1);
  let entries = 0;
  const read = (plan: string, at: number): void => {
    entries += 1;
    const entry = { kind: 'note', text: 'read', takenAt: '2027-01-22T14:02:00Z' } as const;
    const line = { entryId: `${entries}`, revision: 1, group: 'Tern', entry, struck: false };
    expect(log.append(plan, line, 'group', at).status).toBe('logged');
  };
  expect(lastBackup(db)).toBeNull();
  expect(lessonsSinceBackup(db)).toBe(0);
  read('p', 10 * DAY + 1);
  read('p', 10 * DAY + 2);
  read('q', 10 * DAY + 3);
  read('p', 11 * DAY);
  expect(lessonsSinceBackup(db)).toBe(3);
  markBackup(db, 10 * DAY + 5);
  expect(lastBackup(db)).toBe(10 * DAY + 5);
  expect(lessonsSinceBackup(db)).toBe(1);
  markBackup(db, 12 * DAY);
  expect(lastBackup(db)).toBe(12 * DAY);
  expect(lessonsSinceBackup(db)).toBe(0);
});
