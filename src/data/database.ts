import 'server-only';
import { openDatabase, type GrozerDatabase } from './openDatabase';

const holder = globalThis as typeof globalThis & { grozerDatabase?: GrozerDatabase };

/** The one database of this process; `GROZER_DB` names the file. */
export function database(): GrozerDatabase {
  holder.grozerDatabase ??= openDatabase(process.env['GROZER_DB'] ?? 'data/grozer.db');
  return holder.grozerDatabase;
}
