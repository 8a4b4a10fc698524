import * as z from 'zod/mini';
import { foldLog } from './foldLog';
import { logLineSchema, type LogLine } from './logEntry';

const MAX_LINES = 200_000;

/** The logbook of a plan as it travels in a file with it: every line, changed and struck ones too. */
export const logFileSchema = z.strictObject({
  format: z.literal('grozer-log', 'This is not a logbook of Grozer.'),
  version: z.literal(1, 'This logbook is of a newer Grozer: update Grozer first.'),
  lines: z.array(z.omit(logLineSchema, { seq: true, at: true })).check(z.maxLength(MAX_LINES)),
});
export type LogFile = z.infer<typeof logFileSchema>;

export function logFileOf(lines: readonly LogLine[]): LogFile {
  return {
    format: 'grozer-log',
    version: 1,
    lines: lines.map(({ entryId, revision, group, entry, struck, author }) => ({
      entryId,
      revision,
      group,
      entry,
      struck,
      author,
    })),
  };
}

/** A photo that stands in a log. */
export interface LoggedPhoto {
  readonly group: string;
  readonly photo: string;
  readonly caption: string;
  readonly takenAt: string;
  /** Path in a package: by group and number, with the ending of its kind. */
  readonly path: string;
}

const ENDINGS = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const;

/** Photos that stand, in the order in which they were taken; struck ones are left out. */
export function photosOfLog(lines: readonly LogLine[]): LoggedPhoto[] {
  const counts = new Map<string, number>();
  return foldLog(lines).flatMap(({ current: { group, entry, struck } }) => {
    if (struck || entry.kind !== 'photo') return [];
    const count = (counts.get(group) ?? 0) + 1;
    counts.set(group, count);
    const { photo, caption, takenAt, type } = entry;
    const name = group.toLowerCase().replace(/[^a-z0-9]+/g, '-');
    return [{ group, photo, caption, takenAt, path: `photos/${name}-${count}.${ENDINGS[type]}` }];
  });
}
