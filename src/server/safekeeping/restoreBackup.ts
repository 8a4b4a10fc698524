import { existsSync } from 'node:fs';
import { copyFile, cp, mkdir, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { replaceContents } from '@/data/snapshot';
import type { Manifest } from './manifest';
import type { OpenedBackup } from './openBackup';
import { writeBackup, type Kept } from './writeBackup';

export interface Restored {
  readonly manifest: Manifest;
  /** The backup of what was there before. */
  readonly keptAs: string;
}

/** Puts a checked backup in place of everything that is stored, after what is there has been backed up itself. */
export async function restoreBackup(
  present: Kept & { readonly databaseFile: string; readonly backupsFolder: string },
  opened: OpenedBackup,
): Promise<Restored> {
  const keptAs = await kept(present);
  await mkdir(present.photosFolder, { recursive: true, mode: 0o700 });
  // Photos first: a database never names one that is not there yet.
  const photos = await readdir(opened.photosFolder);
  for (const id of photos) {
    await copyFile(join(opened.photosFolder, id), join(present.photosFolder, id));
  }
  await replaceContents(opened.databaseFile, present.databaseFile);
  // What was there before is in the kept copy; nothing of it stays behind.
  for (const id of await readdir(present.photosFolder)) {
    if (!photos.includes(id)) await rm(join(present.photosFolder, id));
  }
  return { manifest: opened.manifest, keptAs };
}

/** Keeps what is there as a backup; where none can be made of it, its files as they are: there is always a way back. */
async function kept(present: Parameters<typeof restoreBackup>[0]): Promise<string> {
  const start = `before-restore-${fileStamp(present.now)}`;
  const backup = freeName(present.backupsFolder, start, '.grozer-backup.zip');
  try {
    await writeBackup(present, backup);
    return backup;
  } catch (error) {
    console.error('What is there cannot be backed up; its files are kept as they are:', error);
    const folder = freeName(present.backupsFolder, start, '.files');
    await mkdir(folder, { recursive: true, mode: 0o700 });
    for (const end of ['', '-wal', '-shm']) {
      const file = present.databaseFile + end;
      if (existsSync(file)) await copyFile(file, join(folder, `grozer.db${end}`));
    }
    if (existsSync(present.photosFolder)) {
      await cp(present.photosFolder, join(folder, 'photos'), { recursive: true });
    }
    return folder;
  }
}

/** A name that no file has yet: what was kept before is never written over. */
function freeName(folder: string, start: string, end: string): string {
  for (let number = 1; ; number += 1) {
    const name = join(folder, `${start}${number === 1 ? '' : `-${number}`}${end}`);
    if (!existsSync(name)) return name;
  }
}

/** A time as part of a file’s name: 2027-01-29-1402. */
export function fileStamp(milliseconds: number): string {
  const iso = new Date(milliseconds).toISOString();
  return `${iso.slice(0, 10)}-${iso.slice(11, 16).replace(':', '')}`;
}
