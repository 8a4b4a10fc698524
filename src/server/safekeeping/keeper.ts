import 'server-only';
import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { lastBackup, lessonsSinceBackup, markBackup } from '@/data/backupMarks';
import { database, databaseFile } from '@/data/database';
import { fail, type Result } from '@/core/result';
import { benchContext } from '../bench/benchContext';
import { endAllClasses } from '../bench/classStatus';
import { photosFolder } from '../bench/photos';
import { startAnew } from '../bench/planFeed';
import type { Manifest } from './manifest';
import { openBackup } from './openBackup';
import { fileStamp, restoreBackup, type Restored } from './restoreBackup';
import { whileRestoring } from './restoring';
import { backupStream, type BackupStream } from './writeBackup';

/** How things stand: when all was last backed up (milliseconds since 1970), and how many lessons ago. */
export interface BackupState {
  readonly last: number | null;
  readonly lessons: number;
  /** The file that stands behind everything. */
  readonly databaseFile: string;
}

export function backupState(): BackupState {
  const db = database();
  return { last: lastBackup(db), lessons: lessonsSinceBackup(db), databaseFile: databaseFile() };
}

/** Begins a backup; when it has gone out whole, that is remembered. */
export async function startBackup(now: number): Promise<BackupStream & { readonly name: string }> {
  const db = database();
  const { stream, whole } = await backupStream({ db, photosFolder: photosFolder(), now });
  whole
    .then(() => markBackup(db, now))
    // Broken off by whoever asked for it, or made on a disk that takes nothing: it does not count.
    .catch((error: unknown) => console.error('This backup was not noted:', error));
  return { stream, whole, name: `grozer-${fileStamp(now)}.grozer-backup.zip` };
}

/** A backup that was sent and is whole; it waits to be put back. */
export interface WaitingBackup {
  readonly id: string;
  readonly manifest: Manifest;
}

const WAITING = 'waiting-';
const UUID = /^[0-9a-f-]{36}$/;

/** Takes a file in and checks it; what is no backup is thrown away. */
export async function receiveBackup(
  body: ReadableStream<Uint8Array>,
): Promise<Result<WaitingBackup>> {
  const id = randomUUID();
  const file = waitingFile(id);
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  let whole = false;
  try {
    await pipeline(Readable.fromWeb(body), createWriteStream(file, { mode: 0o600 }));
    const opened = await openBackup(file);
    if (!opened.ok) return opened;
    await opened.value.close();
    whole = true;
    return { ok: true, value: { id, manifest: opened.value.manifest } };
  } finally {
    if (!whole) await dropBackup(id);
  }
}

/** Puts a backup that waits in place of everything. */
export async function putBack(id: string, now: number): Promise<Result<Restored>> {
  const file = waitingFile(id);
  if (!existsSync(file)) {
    return fail({
      code: 'gone',
      path: [],
      message: 'This backup does not wait any more: choose the file again.',
    });
  }
  const opened = await openBackup(file);
  if (!opened.ok) return opened;
  try {
    endAllClasses(benchContext());
    const restored = await whileRestoring(() =>
      restoreBackup(
        {
          db: database(),
          databaseFile: databaseFile(),
          photosFolder: photosFolder(),
          backupsFolder: backupsFolder(),
          now,
        },
        opened.value,
      ),
    );
    markBackup(database(), now);
    const { bus, judgements } = benchContext();
    judgements.forget();
    startAnew(bus);
    return { ok: true, value: restored };
  } finally {
    await opened.value.close();
    await dropBackup(id);
  }
}

/** Throws away a backup that waits. */
export async function dropBackup(id: string): Promise<void> {
  await rm(waitingFile(id), { force: true });
}

/** At the start of the app nothing waits any more. */
export function dropAllWaiting(): void {
  const folder = backupsFolder();
  if (!existsSync(folder)) return;
  for (const name of readdirSync(folder)) {
    if (name.startsWith(WAITING)) rmSync(join(folder, name));
  }
}

function waitingFile(id: string): string {
  if (!UUID.test(id)) throw new Error('no id of a backup');
  return join(backupsFolder(), `${WAITING}${id}.zip`);
}

function backupsFolder(): string {
  return join(dirname(resolve(/* turbopackIgnore: true */ databaseFile())), 'backups');
}
