const holder = globalThis as typeof globalThis & { grozerRestoring?: boolean };

/** What whoever wants to write is told meanwhile. */
export const RESTORING = 'A backup is being put back: this is sent again in a moment.';

/** Whether a backup is being put back: nothing is written then, so that nothing that was acknowledged is lost. */
export function isRestoring(): boolean {
  return holder.grozerRestoring === true;
}

/** Lets nothing be written while something is done. */
export async function whileRestoring<T>(done: () => Promise<T>): Promise<T> {
  holder.grozerRestoring = true;
  try {
    return await done();
  } finally {
    holder.grozerRestoring = false;
  }
}
