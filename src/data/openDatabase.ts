import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as z from 'zod/mini';
import { newerProblem, problemIn } from './databaseProblem';
import { IN_MEMORY, isFull } from './reserve';
import * as schema from './schema';

export type GrozerDatabase = BetterSQLite3Database<typeof schema> & { $client: Database.Database };

/** How long a write waits for another process, milliseconds. */
const BUSY_MS = 5000;
const MIGRATIONS = resolve(process.cwd(), 'drizzle');
/** For its owner only: notes of pupils and the secrets of the door are in it. */
const OWNER_ONLY = { file: 0o600, folder: 0o700 } as const;

/**
 * Opens (and makes, where missing) the database file and brings its tables up to date.
 * @throws {DatabaseProblem} where it cannot be used, with what to do.
 */
export function openDatabase(file: string): GrozerDatabase {
  try {
    const inMemory = file === IN_MEMORY;
    if (!inMemory) mkdirSync(dirname(resolve(file)), { recursive: true, mode: OWNER_ONLY.folder });
    const client = new Database(file);
    if (!inMemory) chmodSync(file, OWNER_ONLY.file);
    client.pragma('journal_mode = WAL');
    // What is acknowledged is on the disk, also when the power fails.
    client.pragma('synchronous = FULL');
    // What is deleted for good is overwritten.
    client.pragma('secure_delete = ON');
    client.pragma('foreign_keys = ON');
    client.pragma(`busy_timeout = ${BUSY_MS}`);
    if (isNewer(client)) throw newerProblem(file);
    const database = drizzle(client, { schema });
    migrate(database, { migrationsFolder: MIGRATIONS });
    return database;
  } catch (error) {
    throw problemIn(error, file) ?? error;
  }
}

/**
 * The same for looking only, where nothing can be written: a copy in memory, which takes no change.
 * @throws {DatabaseProblem} where it cannot be read either.
 */
export function openToRead(file: string): GrozerDatabase {
  try {
    const client = new Database(bytesWithLog(file) ?? bytesAlone(file));
    client.pragma('query_only = ON');
    return drizzle(client, { schema });
  } catch (error) {
    throw problemIn(error, file) ?? error;
  }
}

/** The file with what stands in the write-ahead log beside it; `null` where there is none, or no room to put both together. */
function bytesWithLog(file: string): Buffer | null {
  if (statSync(`${file}-wal`, { throwIfNoEntry: false })?.isFile() !== true) return null;
  let folder: string | null = null;
  try {
    folder = mkdtempSync(join(tmpdir(), 'grozer-look-'));
    const copy = join(folder, 'copy.db');
    copyFileSync(file, copy);
    copyFileSync(`${file}-wal`, `${copy}-wal`);
    chmodSync(copy, OWNER_ONLY.file);
    const reading = new Database(copy);
    reading.pragma('journal_mode = DELETE');
    const bytes = reading.serialize();
    reading.close();
    return bytes;
  } catch (error) {
    if (isFull(error)) return null;
    throw error;
  } finally {
    if (folder !== null) rmSync(folder, { recursive: true, force: true });
  }
}

/** The file as it stands: bytes 18 and 19 of its header name the log, which a copy in memory cannot have (SQLite file format 1.3). */
function bytesAlone(file: string): Buffer {
  const bytes = readFileSync(file);
  if (bytes.length > 20) bytes.fill(1, 18, 20);
  return bytes;
}

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number() })) });

/** Whether a later version has been at its tables. */
function isNewer(client: Database.Database): boolean {
  const known = client
    .prepare("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = '__drizzle_migrations'")
    .get();
  if (known === undefined) return false;
  const last = z
    .object({ at: z.nullable(z.number()) })
    .parse(client.prepare('SELECT max(created_at) AS at FROM __drizzle_migrations').get());
  const journal = journalSchema.parse(
    JSON.parse(readFileSync(resolve(MIGRATIONS, 'meta/_journal.json'), 'utf8')),
  );
  return (last.at ?? 0) > Math.max(...journal.entries.map(({ when }) => when));
}
