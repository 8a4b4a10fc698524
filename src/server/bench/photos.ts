import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { imageSize } from 'image-size';
import { z } from 'zod';
import type { PhotoType } from '@/core/records/logbook/logLimits';
import { fail, succeed, type Result } from '@/core/result';

export const LARGEST_PHOTO_BYTES = 8_000_000;
const LONGEST_SIDE = 12_000;
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
): Result<{ photo: string; type: PhotoType; bytes: number }> {
  const type = photoType(bytes);
  if (!type.ok) return type;
  mkdirSync(folder, { recursive: true });
  // Written beside and moved, so that a broken-off upload leaves nothing behind.
  const file = join(folder, id);
  writeFileSync(`${file}.part`, bytes);
  renameSync(`${file}.part`, file);
  return succeed({ photo: id, type: type.value, bytes: bytes.byteLength });
}

/** What kind of photo the bytes are, or why they cannot be one. */
export function photoType(bytes: Uint8Array): Result<PhotoType> {
  if (bytes.byteLength === 0) return refuse('empty', 'The photo is empty.');
  if (bytes.byteLength > LARGEST_PHOTO_BYTES) {
    return refuse('too-large', 'The photo is larger than 8 MB: send a smaller one.');
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

function typeOf(bytes: Uint8Array): PhotoType | null {
  try {
    const { type = '', width, height } = imageSize(bytes);
    return Math.max(width, height) <= LONGEST_SIDE ? (TYPES[type] ?? null) : null;
  } catch {
    // The library throws on anything that it does not know as a picture.
    return null;
  }
}

function refuse<T>(code: string, message: string): Result<T> {
  return fail({ code, path: ['photo'], message });
}
