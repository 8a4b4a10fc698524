import { keptLines, type Undelivered } from './logStore';

/** The place of a group's device: a class is named by when it began. */
export interface Seat {
  readonly planId: string;
  readonly startedAt: number;
  readonly group: string;
}

const QUEUE = 'grozer waiting ';

/** Where a page keeps what waits: it belongs to its plan, class and group, and another class on the same phone never sends it. */
export function queueKey(seat: Seat | null, postUrl: string): string {
  return QUEUE + (seat === null ? postUrl : `${seat.planId} ${seat.startedAt} ${seat.group}`);
}

/** What classes that this phone was in before left on it, with the reason of each line. */
export interface Leftovers {
  readonly keys: readonly string[];
  readonly undelivered: readonly Undelivered[];
}

const CLASS_IS_OVER = 'Its class is over: it was never sent.';

/** What stands in a phone's memory beside the queue of `seat`. */
export function leftoversBeside(storage: Storage, seat: Seat | null): Leftovers {
  const own = seat === null ? null : queueKey(seat, '');
  const keys = Array.from(
    { length: storage.length },
    (_, index) => storage.key(index) ?? '',
  ).filter((key) => key.startsWith(QUEUE) && key !== own && !key.startsWith(`${QUEUE}/`));
  const undelivered = keys.flatMap((key) => {
    const kept = keptLines(storage.getItem(key));
    return [
      ...kept.undelivered,
      ...kept.waiting.map((request) => ({ request, reason: CLASS_IS_OVER })),
    ];
  });
  return { keys, undelivered };
}
