import * as z from 'zod/mini';

export const EVENT_HEADERS = {
  'content-type': 'text/event-stream; charset=utf-8',
  'cache-control': 'no-cache, no-transform',
  'x-accel-buffering': 'no',
} as const;

const seqSchema = z.catch(z.coerce.number().check(z.int(), z.minimum(0)), 0);

/** Sequence number after which events are asked for: what the browser saw last, or what the page already has. */
export function eventsAfter(url: string, lastEventId: string | null): number {
  const asked = new URL(url, 'http://localhost').searchParams.get('after');
  return seqSchema.parse(lastEventId ?? asked ?? 0);
}
