import { keptLines, type Undelivered } from './logStore';
import { keysBeside, type Seat } from './queueKeys';

/** What classes that this phone was in before left on it, with the reason of each line. */
export interface Leftovers {
  readonly keys: readonly string[];
  readonly undelivered: readonly Undelivered[];
}

const CLASS_IS_OVER = 'Its class is over: it was never sent.';

/** What stands in a phone's memory beside the queue of `seat`. */
export function leftoversBeside(storage: Storage, seat: Seat | null): Leftovers {
  const keys = keysBeside(storage, seat);
  const undelivered = keys.flatMap((key) => {
    const kept = keptLines(storage.getItem(key));
    return [
      ...kept.undelivered,
      ...kept.waiting.map((request) => ({ request, reason: CLASS_IS_OVER })),
    ];
  });
  return { keys, undelivered };
}
