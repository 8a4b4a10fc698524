import { existsSync } from 'node:fs';
import { copyFile, mkdir, readdir } from 'node:fs/promises';
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
  const keptAs = freeName(present.backupsFolder, `before-restore-${fileStamp(present.now)}`);
  await writeBackup(present, keptAs);
  await mkdir(present.photosFolder, { recursive: true, mode: 0o700 });
  // Photos first: a database never names one that is not there yet.
  for (const id of await readdir(opened.photosFolder)) {
    await copyFile(join(opened.photosFolder, id), join(present.photosFolder, id));
  }
  await replaceContents(opened.databaseFile, present.databaseFile);
  return { manifest: opened.manifest, keptAs };
}

/** A name that no file has yet: what was kept before is never written over. */
function freeName(folder: string, start: string): string {
  for (let number = 1; ; number += 1) {
    const name = join(folder, `${start}${number === 1 ? '' : `-${number}`}.grozer-backup.zip`);
    if (!existsSync(name)) return name;
  }
}

/** A time as part of a file’s name: 2027-01-29-1402. */
export function fileStamp(milliseconds: number): string {
  const iso = new Date(milliseconds).toISOString();
  return `${iso.slice(0, 10)}-${iso.slice(11, 16).replace(':', '')}`;
}
