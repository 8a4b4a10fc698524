import { jsonOf } from '@/core/formats/json';
import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream, mkdirSync } from 'node:fs';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { issuesOfZod } from '@/core/issuesOfZod';
import { fail, succeed, type Result } from '@/core/result';
import { problemIn } from '@/data/databaseProblem';
import { faultInDatabase } from '@/data/snapshot';
import { photoType } from '../bench/photos';
import {
  DATABASE_NAME,
  MANIFEST_NAME,
  manifestSchema,
  PHOTO_NAME,
  type Manifest,
} from './manifest';

/** A backup that was unpacked and found whole. */
export interface OpenedBackup {
  readonly manifest: Manifest;
  /** Its database, brought up to date. */
  readonly databaseFile: string;
  readonly photosFolder: string;
  /** Removes what was unpacked. */
  readonly close: () => Promise<void>;
}

/** Unpacked, what a backup may hold at most, bytes: a small file could hold any amount. */
const MOST_BYTES = 40e9;

/** Unpacks a backup into a folder of its own and checks every part of it; with any fault nothing stays. */
export async function openBackup(file: string): Promise<Result<OpenedBackup>> {
  const folder = await mkdtemp(join(tmpdir(), 'grozer-restore-'));
  const close = () => rm(folder, { recursive: true, force: true });
  try {
    const opened = await unpacked(file, folder);
    if (!opened.ok) await close();
    return opened.ok ? succeed({ ...opened.value, close }) : opened;
  } catch (error) {
    await close();
    const problem = problemIn(error, 'the database in this backup');
    if (problem?.code === 'newer') {
      return refuse([DATABASE_NAME], 'This backup was made by a newer Grozer than this one.');
    }
    if (problem?.code === 'damaged')
      return refuse([DATABASE_NAME], 'The database in it is damaged.');
    if (problem !== null) throw problem;
    return refuse(
      [],
      `The file cannot be unpacked (${error instanceof Error ? error.message : String(error)}).`,
    );
  }
}

async function unpacked(
  file: string,
  folder: string,
): Promise<Result<Omit<OpenedBackup, 'close'>>> {
  mkdirSync(join(folder, 'photos'));
  const zip = await openPromise(file);
  try {
    const names = await unpackAll(zip, folder);
    return names.ok ? await checked(names.value, folder) : names;
  } finally {
    zip.close();
  }
}

/** Unpacks every entry, and answers their names. */
async function unpackAll(zip: ZipFile, folder: string): Promise<Result<ReadonlySet<string>>> {
  let all = 0;
  const names = new Set<string>();
  for await (const entry of zip.eachEntry()) {
    const name = entry.fileName;
    if (name !== MANIFEST_NAME && name !== DATABASE_NAME && !PHOTO_NAME.test(name)) {
      return refuse([name], 'This is no part of a backup of Grozer.');
    }
    all += entry.uncompressedSize;
    if (all > MOST_BYTES) return refuse([], 'Unpacked, the file is far too large for a backup.');
    names.add(name);
    await unpack(zip, entry, join(folder, name));
  }
  return succeed(names);
}

/** Whether everything is there that the manifest names, as it was, and the database is sound. */
async function checked(
  names: ReadonlySet<string>,
  folder: string,
): Promise<Result<Omit<OpenedBackup, 'close'>>> {
  if (!names.has(MANIFEST_NAME)) return refuse([], 'This file is no backup of Grozer.');
  const manifest = manifestSchema.safeParse(
    jsonOf(await readFile(join(folder, MANIFEST_NAME), 'utf8')),
  );
  if (!manifest.success) return { ok: false, issues: issuesOfZod(manifest.error) };
  const listed = new Set([MANIFEST_NAME, ...manifest.data.files.map(({ name }) => name)]);
  for (const name of names) {
    if (!listed.has(name))
      return refuse([name], 'The backup does not list it: it was put in afterwards.');
    if (PHOTO_NAME.test(name) && !photoType(await readFile(join(folder, name))).ok) {
      return refuse([name], 'This is no JPEG, PNG or WebP photo.');
    }
  }
  for (const { name, sha256 } of manifest.data.files) {
    if (!names.has(name)) return refuse([name], 'It is missing: the backup is not whole.');
    if ((await checksumOf(join(folder, name))) !== sha256) {
      return refuse([name], 'It is damaged: its checksum is another one.');
    }
  }
  if (!manifest.data.files.some(({ name }) => name === DATABASE_NAME)) {
    return refuse([DATABASE_NAME], 'It is missing: the backup is not whole.');
  }
  const databaseFile = join(folder, DATABASE_NAME);
  const fault = faultInDatabase(databaseFile);
  return fault === null
    ? succeed({ manifest: manifest.data, databaseFile, photosFolder: join(folder, 'photos') })
    : refuse([DATABASE_NAME], `The database in it cannot be used: ${fault}.`);
}

async function unpack(zip: ZipFile, entry: Entry, path: string): Promise<void> {
  await pipeline(await zip.openReadStreamPromise(entry), createWriteStream(path, { mode: 0o600 }));
}

/** SHA-256 of a file, as hexadecimal digits. */
async function checksumOf(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path)) hash.update(chunk as Buffer);
  return hash.digest('hex');
}

function refuse<T>(path: string[], message: string): Result<T> {
  return fail({ code: 'bad-backup', path, message });
}
