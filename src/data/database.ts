import 'server-only';
import { existsSync, statSync } from 'node:fs';
import { DatabaseProblem, movedProblem } from './databaseProblem';
import { keepReserve, withReserve } from './reserve';
import { openDatabase, openToRead, type GrozerDatabase } from './openDatabase';

const holder = globalThis as typeof globalThis & {
  grozerDatabase?: GrozerDatabase;
  grozerReadOnly?: DatabaseProblem | undefined;
  grozerTriedAt?: number;
  /** The file that is open, by its number: under its name another one may lie later. */
  grozerFile?: number | null;
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
  const file = databaseFile();
  if (holder.grozerDatabase === undefined || mayTryAgain()) {
    holder.grozerDatabase = opened(file);
    holder.grozerFile = fileNumber(file);
  } else if (fileNumber(file) !== holder.grozerFile) throw movedProblem(file);
  return holder.grozerDatabase;
}

/** Time after which a database that could only be looked at is opened for writing once more, milliseconds. */
const TRY_AGAIN_MS = 5000;

/** Whether what stood in the way may be gone by now. */
function mayTryAgain(): boolean {
  if (holder.grozerReadOnly === undefined) return false;
  const now = performance.now();
  if (now - (holder.grozerTriedAt ?? 0) < TRY_AGAIN_MS) return false;
  holder.grozerTriedAt = now;
  return true;
}

/** Which file a name stands for; `null` where it is gone: what is written then would be lost with it. */
function fileNumber(file: string): number | null {
  return statSync(file, { throwIfNoEntry: false })?.ino ?? null;
}

/** Why nothing can be saved; `null` where all is well. */
export function whyReadOnly(): string | null {
  return holder.grozerReadOnly?.message ?? null;
}

function opened(file: string): GrozerDatabase {
  try {
    const db = withReserve(file, () => openDatabase(file));
    keepReserve(file);
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
