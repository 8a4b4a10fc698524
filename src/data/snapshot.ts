import Database from 'better-sqlite3';
import { z } from 'zod';
import type { BackupHolds } from '@/core/records/backup';
import { openDatabase, type GrozerDatabase } from './openDatabase';

/** How much a database holds. */
export type Holdings = Omit<BackupHolds, 'photos'>;

const countSchema = z.object({ plans: z.number(), others: z.number(), lines: z.number() });

/**
 * Writes a copy of a database that is in use into a new file, by SQLite’s own online backup. What belongs to this
 * machine only, the secrets of its door and the classes that run, is not in it.
 */
export async function copyDatabase(from: GrozerDatabase, file: string): Promise<Holdings> {
  await from.$client.backup(file);
  const copy = new Database(file);
  // One file, without a log beside it.
  copy.pragma('journal_mode = DELETE');
  copy.pragma('secure_delete = ON');
  copy.exec('DELETE FROM secrets; DELETE FROM classes;');
  const holdings = countSchema.parse(
    copy
      .prepare(
        `SELECT
          (SELECT count(*) FROM documents WHERE kind = 'plans' AND deleted_at IS NULL) AS plans,
          (SELECT count(*) FROM documents WHERE kind <> 'plans' AND deleted_at IS NULL) AS others,
          (SELECT count(*) FROM log_lines) AS lines`,
      )
      .get(),
  );
  copy.close();
  return holdings;
}

/** Looks a file through, brings its tables up to date, and says what is wrong with it; `null`: nothing. */
export function faultInDatabase(file: string): string | null {
  const db = openDatabase(file);
  try {
    const found = z
      .array(z.object({ integrity_check: z.string() }))
      .parse(db.$client.pragma('integrity_check(1)'));
    const said = found[0]?.integrity_check ?? 'nothing';
    // One file again: what was migrated stands in the log beside it until then.
    db.$client.pragma('journal_mode = DELETE');
    return said === 'ok' ? null : said;
  } finally {
    db.$client.close();
  }
}

/**
 * Puts the contents of a file in place of what a database holds, all at once, also while others have it open. Every document gets
 * a revision, in the file too, that no open window can hold: what is put back is never written over unasked.
 */
export async function replaceContents(file: string, databaseFile: string): Promise<void> {
  const from = new Database(file);
  try {
    from.prepare('ATTACH ? AS present').run(databaseFile);
    from.exec(
      `UPDATE documents SET revision = 1 + max(revision, coalesce(
        (SELECT there.revision FROM present.documents AS there
         WHERE there.kind = documents.kind AND there.id = documents.id), 0));
      DETACH present;`,
    );
    await from.backup(databaseFile);
  } finally {
    from.close();
  }
}
