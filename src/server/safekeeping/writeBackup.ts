import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, mkdirSync } from 'node:fs';
import { mkdtemp, rename, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Readable, type Readable as ReadableStream } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import { ZipFile } from 'yazl';
import { createLogRepository } from '@/data/logRepository';
import type { GrozerDatabase } from '@/data/openDatabase';
import { copyDatabase, type Holdings } from '@/data/snapshot';
import { photosIn } from '../bench/photos';
import {
  BACKUP_VERSION,
  DATABASE_NAME,
  MANIFEST_NAME,
  PHOTOS_PREFIX,
  type Manifest,
} from './manifest';

/** What is backed up, and when. */
export interface Kept {
  readonly db: GrozerDatabase;
  readonly photosFolder: string;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/** A backup on its way. */
export interface BackupStream {
  readonly stream: ReadableStream;
  /** What is in it, once it has gone out whole; fails where it was broken off. */
  readonly whole: Promise<Manifest>;
}

const FIRST_ZIP_TIME = Date.UTC(1980, 0, 2);
const OWNER_ONLY = { file: 0o600, folder: 0o700 } as const;

/**
 * Everything that Grozer stores as one ZIP file, while it runs: the database, the photos, and at the end a manifest
 * with a checksum of each. Nothing of it is held in memory.
 */
export async function backupStream({ db, photosFolder, now }: Kept): Promise<BackupStream> {
  const folder = await mkdtemp(join(tmpdir(), 'grozer-backup-'));
  const clear = () => rm(folder, { recursive: true, force: true });
  try {
    const copy = join(folder, DATABASE_NAME);
    const counted = await copyDatabase(db, copy);
    // What no line names belongs to no lesson.
    const named = createLogRepository(db).photosNamed();
    const photos = photosIn(photosFolder).filter((id) => named.has(id));
    const zip = new ZipFile();
    const out = zip.outputStream as ReadableStream;
    zip.on('error', (error: unknown) => out.destroy(error instanceof Error ? error : undefined));
    const files: Manifest['files'] = [];
    // ZIP counts from 1980: a clock that lost its battery breaks nothing off.
    const mtime = new Date(Math.max(now, FIRST_ZIP_TIME));
    let manifest: Manifest | null = null;
    const add = (name: string, path: string, compress: boolean): void =>
      zip.addReadStreamLazy(name, { compress, mtime }, (give) => {
        give(
          null,
          counting(path, (counts) => files.push({ name, ...counts })),
        );
      });
    add(DATABASE_NAME, copy, true);
    // Photos are compressed already.
    for (const id of photos) add(PHOTOS_PREFIX + id, join(photosFolder, id), false);
    // Asked for last, when everything has been counted.
    zip.addReadStreamLazy(MANIFEST_NAME, { mtime }, (give) => {
      manifest = manifestOf(now, { ...counted, photos: photos.length }, files);
      give(null, Readable.from([JSON.stringify(manifest, null, 2)]));
    });
    zip.end();
    const whole = finished(out).then(() => {
      if (manifest === null) throw new Error('the backup was broken off');
      return manifest;
    });
    // Not waited for: what has gone out whole is noted before whoever asked can look again. Whoever only reads the
    // stream hears of a failure there.
    whole
      .then(clear, clear)
      .catch((error: unknown) => console.error(`${folder} was not cleared away:`, error));
    return { stream: out, whole };
  } catch (error) {
    await clear();
    throw error;
  }
}

/** Writes a backup to a file, which appears under its name only when it is whole. */
export async function writeBackup(kept: Kept, target: string): Promise<Manifest> {
  mkdirSync(dirname(target), { recursive: true, mode: OWNER_ONLY.folder });
  const part = `${target}.part`;
  try {
    const { stream, whole } = await backupStream(kept);
    await pipeline(stream, createWriteStream(part, { mode: OWNER_ONLY.file }));
    const manifest = await whole;
    await rename(part, target);
    return manifest;
  } finally {
    await rm(part, { force: true });
  }
}

function manifestOf(
  now: number,
  holds: Holdings & { readonly photos: number },
  files: Manifest['files'],
): Manifest {
  return {
    format: 'grozer-backup',
    version: BACKUP_VERSION,
    madeAt: new Date(now).toISOString(),
    holds,
    files,
  };
}

/** A file as it is read, and at its end its length and its SHA-256 (FIPS 180-4) as hexadecimal digits. */
function counting(
  path: string,
  atEnd: (counts: { readonly bytes: number; readonly sha256: string }) => void,
): ReadableStream {
  const hash = createHash('sha256');
  let bytes = 0;
  const stream = createReadStream(path);
  stream.on('data', (chunk) => {
    bytes += chunk.length;
    hash.update(chunk);
  });
  stream.on('end', () => atEnd({ bytes, sha256: hash.digest('hex') }));
  return stream;
}
