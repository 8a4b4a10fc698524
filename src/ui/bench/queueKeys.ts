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

/** Queues in a phone's memory beside that of `seat`: what classes before this one left. */
export function keysBeside(storage: Storage, seat: Seat | null): string[] {
  const own = seat === null ? null : queueKey(seat, '');
  return Array.from({ length: storage.length }, (_, index) => storage.key(index) ?? '').filter(
    (key) => key.startsWith(QUEUE) && key !== own && !key.startsWith(`${QUEUE}/`),
  );
}
