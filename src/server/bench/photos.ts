import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { imageSize } from 'image-size';
import * as z from 'zod/mini';
import type { PhotoType } from '@/core/records/logbook/logLimits';
import { fail, succeed, type Result } from '@/core/result';
import type { BenchContext } from './benchContext';

/** Of a photo as pages send it, made smaller before. */
export const LARGEST_UPLOAD_BYTES = 2_000_000;
/** Of a photo that comes in an archive: earlier versions took larger ones. */
export const LARGEST_PHOTO_BYTES = 8_000_000;
const LONGEST_SIDE = 12_000;
/** All that says how large a picture is stands within this, bytes; nothing behind it is looked through. */
const HEADER_BYTES = 500_000;
const OWNER_ONLY = { file: 0o600, folder: 0o700 } as const;
const PART = '.part';
/** An upload that has not grown for so long was broken off, milliseconds. */
const BROKEN_MS = 3_600_000;
const TYPES: Readonly<Record<string, PhotoType>> = {
  jpg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
};

/** Photos lie as files in a folder beside the database. */
export function photosFolder(): string {
  const file = process.env['GROZER_DB'] ?? 'data/grozer.db';
  return join(dirname(resolve(/* turbopackIgnore: true */ file)), 'photos');
}

/** Stores a photo after a look at what it really is, whatever its name says. */
export function storePhoto(
  folder: string,
  id: string,
  bytes: Uint8Array,
  most = LARGEST_PHOTO_BYTES,
): Result<{ photo: string; type: PhotoType; bytes: number }> {
  const type = photoType(bytes, most);
  if (!type.ok) return type;
  mkdirSync(folder, { recursive: true, mode: OWNER_ONLY.folder });
  // Written beside and moved, so that a broken-off upload leaves nothing behind.
  const file = join(folder, id);
  writeFileSync(file + PART, bytes, { mode: OWNER_ONLY.file });
  renameSync(file + PART, file);
  return succeed({ photo: id, type: type.value, bytes: bytes.byteLength });
}

/** Removes what uploads that were broken off have left. */
export function clearBrokenUploads(folder: string, now: number): void {
  if (!existsSync(folder)) return;
  for (const name of readdirSync(folder)) {
    const file = join(folder, name);
    if (name.endsWith(PART) && now - statSync(file).mtimeMs > BROKEN_MS) rmSync(file);
  }
}

/** The photos in a folder; what else lies there is none. */
export function photosIn(folder: string): string[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder).filter((name) => z.uuid().safeParse(name).success);
}

/** A line that names a photo may be on its way from a phone for so long, and from the desk; milliseconds. */
const ON_ITS_WAY_MS = { phone: 3_600_000, desk: 60_000 } as const;

/** Removes photos that no line names: their answer was lost, or their class ended before. */
export function clearOrphans(
  { log, classes, now }: Pick<BenchContext, 'log' | 'classes' | 'now'>,
  folder: string,
): void {
  const at = now();
  const running = classes.running(at).length > 0;
  const before = at - ON_ITS_WAY_MS[running ? 'phone' : 'desk'];
  const named = log.photosNamed();
  for (const name of photosIn(folder)) {
    const file = join(folder, name);
    if (!named.has(name) && statSync(file).mtimeMs < before) rmSync(file);
  }
}

/** Removes photos for good. */
export function removePhotos(folder: string, ids: readonly string[]): void {
  for (const id of ids)
    if (z.uuid().safeParse(id).success) rmSync(join(folder, id), { force: true });
}

/** What kind of photo the bytes are, or why they cannot be one. */
export function photoType(bytes: Uint8Array, most = LARGEST_PHOTO_BYTES): Result<PhotoType> {
  if (bytes.byteLength === 0) return refuse('empty', 'The photo is empty.');
  if (bytes.byteLength > most) {
    return refuse('too-large', `The photo is larger than ${most / 1e6} MB: send a smaller one.`);
  }
  const type = typeOf(bytes);
  return type === null
    ? refuse('not-a-photo', 'This is no JPEG, PNG or WebP photo.')
    : succeed(type);
}

/** A stored photo; `null` where there is none. */
export function readPhoto(
  folder: string,
  id: string,
): { readonly type: PhotoType; readonly bytes: Uint8Array<ArrayBuffer> } | null {
  if (!z.uuid().safeParse(id).success) return null;
  const file = join(folder, id);
  if (!existsSync(file)) return null;
  const bytes = new Uint8Array(readFileSync(file));
  const type = typeOf(bytes);
  return type === null ? null : { type, bytes };
}

/** Beginnings of the pictures that are taken: JPEG (ISO/IEC 10918), PNG (W3C), WebP (RFC 9649). */
// oxlint-disable-next-line no-control-regex
const SIGNATURES: readonly RegExp[] = [/^\xff\xd8\xff/, /^\x89PNG\r\n\x1a\n/, /^RIFF[^]{4}WEBP/];

function typeOf(bytes: Uint8Array): PhotoType | null {
  const start = Buffer.from(bytes.subarray(0, 12)).toString('latin1');
  // Other kinds are not even tried: each reader of a file is a way in.
  if (!SIGNATURES.some((one) => one.test(start))) return null;
  try {
    const { type = '', width, height } = imageSize(bytes.subarray(0, HEADER_BYTES));
    return Math.max(width, height) <= LONGEST_SIDE ? (TYPES[type] ?? null) : null;
  } catch {
    // The library throws on anything that it does not know as a picture.
    return null;
  }
}

function refuse<T>(code: string, message: string): Result<T> {
  return fail({ code, path: ['photo'], message });
}
