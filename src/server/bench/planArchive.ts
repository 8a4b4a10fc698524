import { strFromU8, unzipSync } from 'fflate';
import { logFileSchema, type LogFile } from '@/core/records/logbook/logFile';
import { isRecord } from '@/core/formats/json';
import { issuesOfZod } from '@/core/issuesOfZod';
import { fail, succeed, type Result } from '@/core/result';
import { importDocument } from '../documents';
import type { BenchContext } from './benchContext';
import { LARGEST_PHOTO_BYTES, photoType, readPhoto, storePhoto } from './photos';

/** A plan with its logbook and photos as one ZIP file. */
export const PLAN_PATH = 'plan.grozer.json';
export const LOG_PATH = 'log.json';
export const PHOTOS_PATH = 'photos/';

const LARGEST_TEXT_BYTES = 50_000_000;
/** More than any class ever wrote; what has more is not looked through line by line. */
const MOST_LINES = 200_000;
/** All of it, unpacked: a small file could hold any amount. */
const LARGEST_ARCHIVE_BYTES = 400_000_000;

const LOOKED_AT_FIRST = 100;

/** Whether the bytes begin like a ZIP file. */
export function isArchive(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4;
}

/** Stores the plan of an archive with its log and photos; with any fault nothing is stored. */
export function importPlanArchive(
  context: BenchContext,
  bytes: Uint8Array,
  photosFolder: string,
): Result<{ id: string }> {
  const files = unpacked(bytes);
  if (!files.ok) return files;
  const packed = files.value[PLAN_PATH];
  if (packed === undefined) return refuse([PLAN_PATH], 'The file holds no plan.');
  const log = logIn(files.value[LOG_PATH]);
  if (!log.ok) return log;
  const photos = photosOfArchive(files.value, log.value, photosFolder);
  if (!photos.ok) return photos;
  const imported = importDocument(context, 'plans', strFromU8(packed));
  if (!imported.ok) return imported;
  for (const { id, bytes: photo } of photos.value) storePhoto(photosFolder, id, photo);
  if (!context.log.restore(imported.value.id, log.value.lines, context.now())) {
    // Its lines were looked at before: nothing of this should ever be reached.
    throw new Error('the lines of the logbook do not follow each other');
  }
  return imported;
}

interface PackedPhoto {
  readonly id: string;
  readonly bytes: Uint8Array;
}

/** Photos that the log names and that are not here yet: whoever sent the file cannot change one that is. */
function photosOfArchive(
  files: Readonly<Record<string, Uint8Array>>,
  { lines }: LogFile,
  photosFolder: string,
): Result<PackedPhoto[]> {
  const named = new Set(
    lines.flatMap(({ entry }): string[] => (entry.kind === 'photo' ? [entry.photo] : [])),
  );
  const found: PackedPhoto[] = [];
  for (const [path, bytes] of Object.entries(files)) {
    if (!path.startsWith(PHOTOS_PATH)) continue;
    const id = path.slice(PHOTOS_PATH.length);
    if (!named.has(id)) return refuse([path], 'The logbook does not know this photo.');
    const type = photoType(bytes);
    if (!type.ok)
      return { ok: false, issues: type.issues.map((one) => ({ ...one, path: [path] })) };
    if (readPhoto(photosFolder, id) === null) found.push({ id, bytes });
  }
  return succeed(found);
}

function unpacked(bytes: Uint8Array): Result<Record<string, Uint8Array>> {
  let all = 0;
  let tooLarge = false;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        all += originalSize;
        const most = name.startsWith(PHOTOS_PATH) ? LARGEST_PHOTO_BYTES : LARGEST_TEXT_BYTES;
        if (originalSize > most || all > LARGEST_ARCHIVE_BYTES) tooLarge = true;
        return !tooLarge;
      },
    });
    return tooLarge
      ? refuse([], 'Unpacked, the file is far too large for a plan.')
      : succeed(files);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return refuse([], `The file cannot be unpacked: ${reason}.`);
  }
}

function logIn(bytes: Uint8Array | undefined): Result<LogFile> {
  if (bytes === undefined) return refuse([LOG_PATH], 'The file holds no logbook.');
  let json: unknown;
  try {
    json = JSON.parse(strFromU8(bytes));
  } catch {
    return refuse([LOG_PATH], 'The logbook is not readable as JSON.');
  }
  const lines = isRecord(json) ? json['lines'] : undefined;
  if (Array.isArray(lines)) {
    if (lines.length > MOST_LINES) {
      return refuse([LOG_PATH, 'lines'], `A logbook has at most ${MOST_LINES} lines.`);
    }
    // One that is none says it for all: a file of nothing but such lines would be named line by line.
    const first = logFileSchema.shape.lines.safeParse(lines.slice(0, LOOKED_AT_FIRST));
    if (!first.success) {
      const issues = issuesOfZod(first.error);
      return {
        ok: false,
        issues: issues.map((one) => ({ ...one, path: [LOG_PATH, 'lines', ...one.path] })),
      };
    }
  }
  const parsed = logFileSchema.safeParse(json);
  if (parsed.success) {
    const gap = firstGap(parsed.data);
    return gap < 0
      ? succeed(parsed.data)
      : refuse([LOG_PATH, 'lines', gap, 'revision'], 'A line before this one is missing.');
  }
  const issues = issuesOfZod(parsed.error);
  return { ok: false, issues: issues.map((one) => ({ ...one, path: [LOG_PATH, ...one.path] })) };
}

/** Place of the first line that does not follow the one before it of its entry; below 0: all do. */
function firstGap({ lines }: LogFile): number {
  const last = new Map<string, number>();
  return lines.findIndex(({ entryId, revision }) => {
    const expected = (last.get(entryId) ?? 0) + 1;
    last.set(entryId, revision);
    return revision !== expected;
  });
}

function refuse<T>(path: (string | number)[], message: string): Result<T> {
  return fail({ code: 'bad-archive', path, message });
}
