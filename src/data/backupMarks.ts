import { eq, gt, sql } from 'drizzle-orm';
import type { GrozerDatabase } from './openDatabase';
import { logLines, marks } from './schema';

const LAST_BACKUP = 'last-backup';

/** Remembers that everything was backed up. */
export function markBackup(db: GrozerDatabase, at: number): void {
  db.insert(marks)
    .values({ name: LAST_BACKUP, at })
    .onConflictDoUpdate({ target: marks.name, set: { at } })
    .run();
}

/** When everything was last backed up, milliseconds since 1970; `null`: never. */
export function lastBackup(db: GrozerDatabase): number | null {
  return db.select().from(marks).where(eq(marks.name, LAST_BACKUP)).get()?.at ?? null;
}

/** Lessons since then: days on which something was read for a plan. */
export function lessonsSinceBackup(db: GrozerDatabase): number {
  const days = db
    .selectDistinct({ plan: logLines.planId, day: sql`${logLines.at} / 86400000` })
    .from(logLines)
    .where(gt(logLines.at, lastBackup(db) ?? 0))
    .all();
  return days.length;
}
