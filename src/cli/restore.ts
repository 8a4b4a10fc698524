import { existsSync, renameSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { holdsText } from '@/core/records/backup';
import { describePath } from '@/core/result';
import { DatabaseProblem, problemIn } from '@/data/databaseProblem';
import { openDatabase, type GrozerDatabase } from '@/data/openDatabase';
import { openBackup, type OpenedBackup } from '@/server/safekeeping/openBackup';
import { fileStamp, restoreBackup } from '@/server/safekeeping/restoreBackup';

const USAGE = 'usage: npm run -s restore -- FILE.zip [--check]';
const ONLY_CHECK = '--check';

/** Checks a backup, says what is in it, and puts it in place of what is stored; exits with 2 where it cannot. */
async function restore(args: readonly string[]): Promise<number> {
  const [source, ...more] = args.filter((one) => one !== ONLY_CHECK);
  if (source === undefined || more.length > 0) return refuse(USAGE);
  if (!existsSync(source)) return refuse(`There is no file ${source}.`);
  const opened = await openBackup(source);
  if (!opened.ok) {
    const faults = opened.issues.map(
      ({ path, message }) => `  ${path.length === 0 ? '' : `${describePath(path)}: `}${message}`,
    );
    return refuse([`${source} was not restored, nothing has changed:`, ...faults].join('\n'));
  }
  const { manifest } = opened.value;
  console.log(`${source} of ${manifest.madeAt}: ${holdsText(manifest.holds)}. It is whole.`);
  try {
    if (!args.includes(ONLY_CHECK)) console.log(await putBack(opened.value));
    return 0;
  } finally {
    await opened.value.close();
  }
}

async function putBack(opened: OpenedBackup): Promise<string> {
  const databaseFile = process.env['GROZER_DB'] ?? 'data/grozer.db';
  const folder = dirname(resolve(databaseFile));
  const now = Date.now();
  const { db, aside } = usable(databaseFile, now);
  const { keptAs } = await restoreBackup(
    {
      db,
      databaseFile,
      photosFolder: join(folder, 'photos'),
      backupsFolder: join(folder, 'backups'),
      now,
    },
    opened,
  );
  db.$client.close();
  return `It stands in ${databaseFile} now. What was there before: ${aside ?? keptAs}\nIf Grozer runs, stop it and start it again.`;
}

/** The database that is to be filled; a damaged one is put aside as it is. */
function usable(file: string, now: number): { db: GrozerDatabase; aside: string | null } {
  try {
    return { db: openDatabase(file), aside: null };
  } catch (error) {
    // Whatever is wrong with it, it is put aside as it is: there is always a way back.
    const code = error instanceof DatabaseProblem ? error.code : 'unusable';
    if (!['damaged', 'newer', 'unusable'].includes(code)) throw error;
    const aside = `${file}.${code}-${fileStamp(now)}`;
    renameSync(file, aside);
    for (const end of ['-wal', '-shm']) {
      if (existsSync(file + end)) renameSync(file + end, aside + end);
    }
    return { db: openDatabase(file), aside };
  }
}

function refuse(message: string): number {
  console.error(message);
  return 2;
}

process.exitCode = await restore(process.argv.slice(2)).catch((error: unknown) =>
  refuse(problemIn(error, 'The database')?.message ?? `Restoring failed: ${String(error)}`),
);
