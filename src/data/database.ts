import 'server-only';
import { existsSync } from 'node:fs';
import { DatabaseProblem } from './databaseProblem';
import { openDatabase, openToRead, type GrozerDatabase } from './openDatabase';

const holder = globalThis as typeof globalThis & {
  grozerDatabase?: GrozerDatabase;
  grozerReadOnly?: DatabaseProblem | undefined;
};

/** The file of the database, named by `GROZER_DB`. */
export function databaseFile(): string {
  return process.env['GROZER_DB'] ?? 'data/grozer.db';
}

/**
 * The one database of this process. Where nothing can be written it is opened for looking only, and {@link whyReadOnly}
 * says so.
 */
export function database(): GrozerDatabase {
  holder.grozerDatabase ??= opened(databaseFile());
  return holder.grozerDatabase;
}

/** Why nothing can be saved; `null` where all is well. */
export function whyReadOnly(): string | null {
  return holder.grozerReadOnly?.message ?? null;
}

function opened(file: string): GrozerDatabase {
  try {
    const db = openDatabase(file);
    holder.grozerReadOnly = undefined;
    return db;
  } catch (error) {
    if (!(error instanceof DatabaseProblem) || !LOOKABLE.includes(error.code)) throw error;
    if (!existsSync(file)) throw error;
    holder.grozerReadOnly = error;
    return openToRead(file);
  }
}

const LOOKABLE: readonly DatabaseProblem['code'][] = ['full', 'not-writable', 'not-openable'];

/** Closes it where it is open: what stands in the write-ahead log goes into the one file. */
export function closeDatabase(): void {
  const { grozerDatabase, grozerReadOnly } = holder;
  if (grozerDatabase === undefined) return;
  if (grozerReadOnly === undefined) grozerDatabase.$client.pragma('wal_checkpoint(TRUNCATE)');
  grozerDatabase.$client.close();
  delete holder.grozerDatabase;
}
