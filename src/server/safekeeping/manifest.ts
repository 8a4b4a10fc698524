import * as z from 'zod/mini';

/** Names of what a backup holds. */
export const MANIFEST_NAME = 'grozer-backup.json';
export const DATABASE_NAME = 'grozer.db';
export const PHOTOS_PREFIX = 'photos/';
export const PHOTO_NAME = /^photos\/([0-9a-f-]{36})$/;

export const BACKUP_VERSION = 1;

/** What stands in a backup, so that it can be looked at and checked before anything is put back. */
export const manifestSchema = z.strictObject({
  format: z.literal('grozer-backup', 'This file is no backup of Grozer.'),
  version: z.int().check(z.maximum(BACKUP_VERSION, 'This backup was made by a newer Grozer.')),
  madeAt: z.iso.datetime(),
  holds: z.strictObject({
    plans: z.int(),
    others: z.int(),
    lines: z.int(),
    photos: z.int(),
  }),
  files: z.array(
    z.strictObject({
      name: z.string(),
      bytes: z.int(),
      sha256: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
    }),
  ),
});
export type Manifest = z.infer<typeof manifestSchema>;
