import Database from 'better-sqlite3';
import * as z from 'zod/mini';
import type { BackupHolds } from '@/core/records/backup';
import { openDatabase, type GrozerDatabase } from './openDatabase';

/** As many pages as SQLite counts. */
const ALL_PAGES = 0x7fffffff;

/** How much a database holds. */
export type Holdings = Omit<BackupHolds, 'photos'>;

const countSchema = z.object({ plans: z.number(), others: z.number(), lines: z.number() });

/**
 * Writes a copy of a database that is in use into a new file, by SQLite’s own online backup. What belongs to this
 * machine only, the secrets of its door and the classes that run, is not in it.
 */
export async function copyDatabase(from: GrozerDatabase, file: string): Promise<Holdings> {
  // In one step: a copy in steps begins anew whenever another process writes, in a class never ends.
  await from.$client.backup(file, { progress: () => ALL_PAGES });
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
    if (said !== 'ok') return said;
    const missing = missingIn(db);
    if (missing !== null) return missing;
    onlyData(db);
    // One file again: what was migrated stands in the log beside it until then.
    db.$client.pragma('journal_mode = DELETE');
    return null;
  } finally {
    db.$client.close();
  }
}

const partSchema = z.array(
  z.object({ type: z.string(), name: z.string(), sql: z.nullable(z.string()) }),
);
const columnSchema = z.array(z.object({ name: z.string() }));

function partsOf({ $client }: GrozerDatabase): z.infer<typeof partSchema> {
  return partSchema.parse(
    $client
      .prepare("SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'")
      .all(),
  );
}

function columnsOf({ $client }: GrozerDatabase, table: string): string[] {
  return columnSchema
    .parse($client.pragma(`table_info(${JSON.stringify(table)})`))
    .map(({ name }) => name);
}

/** A table or column of ours that a database does not have; `null`: all are there. */
function missingIn(db: GrozerDatabase): string | null {
  const ours = openDatabase(':memory:');
  try {
    for (const { type, name } of partsOf(ours)) {
      if (type !== 'table') continue;
      const there = columnsOf(db, name);
      const missing = columnsOf(ours, name).find((column) => !there.includes(column));
      if (there.length === 0) return `it has no table ${name}`;
      if (missing !== undefined) return `its table ${name} has no column ${missing}`;
    }
    return null;
  } finally {
    ours.$client.close();
  }
}

/** Takes out what is no data of ours: triggers, views and foreign tables, the secrets of a door and classes that run. */
function onlyData(db: GrozerDatabase): void {
  const ours = openDatabase(':memory:');
  const known = new Map(partsOf(ours).map(({ name, sql }) => [name, sql]));
  ours.$client.close();
  for (const { type, name, sql } of partsOf(db)) {
    const isOurs = known.has(name) && (type === 'table' || known.get(name) === sql);
    if (!isOurs) db.$client.exec(`DROP ${type} IF EXISTS ${JSON.stringify(name)}`);
  }
  db.$client.exec('DELETE FROM secrets; DELETE FROM classes;');
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
