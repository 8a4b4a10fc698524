import 'server-only';
import { databaseFile, database, whyReadOnly } from '@/data/database';
import { problemIn } from '@/data/databaseProblem';

/** What stands between a request and the disk, in words with a way out; `null` where the error is another one. */
export function storageProblem(error: unknown): string | null {
  return problemIn(error, databaseFile())?.message ?? null;
}

/** How the stored data stand before a page is drawn. */
export interface StorageState {
  /** Nothing can be shown. */
  readonly closed: string | null;
  /** Everything can be looked at, nothing saved. */
  readonly readOnly: string | null;
}

export function storageState(): StorageState {
  try {
    database();
    return { closed: null, readOnly: whyReadOnly() };
  } catch (error) {
    const closed = storageProblem(error);
    if (closed === null) throw error;
    return { closed, readOnly: null };
  }
}
