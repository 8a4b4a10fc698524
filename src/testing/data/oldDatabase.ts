import { readdirSync, readFileSync } from 'node:fs';
import Database from 'better-sqlite3';

const BREAKPOINT = '--> statement-breakpoint';

/** For tests: a database file as it was after so many migrations, to be filled and then opened by today's code. */
export function oldDatabase(file: string, migrations: number): Database.Database {
  const old = new Database(file);
  const scripts = readdirSync('drizzle')
    .filter((name) => name.endsWith('.sql'))
    .sort()
    .slice(0, migrations);
  for (const name of scripts) {
    for (const statement of readFileSync(`drizzle/${name}`, 'utf8').split(BREAKPOINT)) {
      old.exec(statement);
    }
  }
  old.exec(
    'CREATE TABLE __drizzle_migrations (id INTEGER PRIMARY KEY, hash text NOT NULL, created_at numeric)',
  );
  const journal = JSON.parse(readFileSync('drizzle/meta/_journal.json', 'utf8')) as {
    entries: { when: number }[];
  };
  old
    .prepare('INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)')
    .run('before', journal.entries[migrations - 1]?.when);
  return old;
}
