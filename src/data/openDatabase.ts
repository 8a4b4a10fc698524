import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type GrozerDatabase = BetterSQLite3Database<typeof schema> & { $client: Database.Database };

/** How long a write waits for another process, milliseconds. */
const BUSY_MS = 5000;

/** Opens (and makes, where missing) the database file and brings its tables up to date. */
export function openDatabase(file: string): GrozerDatabase {
  const inMemory = file === ':memory:';
  if (!inMemory) mkdirSync(dirname(resolve(file)), { recursive: true });
  const client = new Database(file);
  client.pragma('journal_mode = WAL');
  // What is acknowledged is on the disk, also when the power fails.
  client.pragma('synchronous = FULL');
  client.pragma('foreign_keys = ON');
  client.pragma(`busy_timeout = ${BUSY_MS}`);
  const database = drizzle(client, { schema });
  migrate(database, { migrationsFolder: resolve(process.cwd(), 'drizzle') });
  return database;
}
