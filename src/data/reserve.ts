import { randomBytes } from 'node:crypto';
import { rmSync, statSync, writeFileSync } from 'node:fs';
import { problemIn } from './databaseProblem';

/**
 * Enough for what stands in the log beside the database to move into it (SQLite does so from a thousand pages on, 4 MB),
 * and for a hundred lines to be deleted.
 */
const RESERVE_BYTES = 6_000_000;

export function isFull(error: unknown): boolean {
  return problemIn(error, '')?.code === 'full';
}

/** A database that no file holds. */
export const IN_MEMORY = ':memory:';

/** Keeps some room on the disk beside a database, so that what frees more can be done when there is no other left. */
export function keepReserve(file: string): void {
  if (file === IN_MEMORY) return;
  const reserve = reserveOf(file);
  if (statSync(reserve, { throwIfNoEntry: false })?.size === RESERVE_BYTES) return;
  try {
    // No zeros: some file systems keep no room for them.
    writeFileSync(reserve, randomBytes(RESERVE_BYTES), { mode: 0o600 });
  } catch (error) {
    rmSync(reserve, { force: true });
    if (!isFull(error)) throw error;
  }
}

/** Does what ends a class or deletes: where the disk is full a second time, in the room that was kept (`isTight`). */
export function withReserve<T>(file: string, work: (isTight: boolean) => T): T {
  try {
    return work(false);
  } catch (error) {
    if (!isFull(error)) throw error;
    rmSync(reserveOf(file), { force: true });
    const done = work(true);
    keepReserve(file);
    return done;
  }
}

function reserveOf(file: string): string {
  return `${file}-reserve`;
}
