import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { holdsText } from '@/core/records/backup';
import { markBackup } from '@/data/backupMarks';
import { problemIn } from '@/data/databaseProblem';
import { openDatabase } from '@/data/openDatabase';
import { writeBackup } from '@/server/safekeeping/writeBackup';

const USAGE = 'usage: npm run -s backup -- FILE.zip';

/** Backs up everything into one file, also while Grozer runs; exits with 2 where it cannot. */
async function backup([target, ...more]: readonly string[]): Promise<number> {
  if (target === undefined || more.length > 0) return refuse(USAGE);
  const file = process.env['GROZER_DB'] ?? 'data/grozer.db';
  if (!existsSync(file)) {
    return refuse(`There is no ${file} yet. GROZER_DB names another file, such as data/demo.db.`);
  }
  if (existsSync(target)) return refuse(`${target} is there already: choose another name.`);
  const db = openDatabase(file);
  const now = Date.now();
  const { holds } = await writeBackup(
    { db, photosFolder: join(dirname(resolve(file)), 'photos'), now },
    resolve(target),
  );
  markBackup(db, now);
  db.$client.close();
  console.log(`${target}: ${holdsText(holds)}, from ${file}.`);
  return 0;
}

function refuse(message: string): number {
  console.error(message);
  return 2;
}

process.exitCode = await backup(process.argv.slice(2)).catch((error: unknown) =>
  refuse(problemIn(error, 'The backup')?.message ?? `The backup failed: ${String(error)}`),
);
