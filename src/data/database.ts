import 'server-only';
import { openDatabase, type GrozerDatabase } from './openDatabase';

const holder = globalThis as typeof globalThis & { grozerDatabase?: GrozerDatabase };

/** The one database of this process; `GROZER_DB` names the file. */
export function database(): GrozerDatabase {
  holder.grozerDatabase ??= openDatabase(process.env['GROZER_DB'] ?? 'data/grozer.db');
  return holder.grozerDatabase;
}

/** Closes it where it is open: what stands in the write-ahead log goes into the one file. */
export function closeDatabase(): void {
  holder.grozerDatabase?.$client.pragma('wal_checkpoint(TRUNCATE)');
  holder.grozerDatabase?.$client.close();
  delete holder.grozerDatabase;
}
