import { z } from 'zod';

export const EVENT_HEADERS = {
  'content-type': 'text/event-stream; charset=utf-8',
  'cache-control': 'no-cache, no-transform',
  'x-accel-buffering': 'no',
} as const;

const seqSchema = z.coerce.number().int().min(0).catch(0);

/** Sequence number after which events are asked for: what the browser saw last, or what the page already has. */
export function eventsAfter(url: string, lastEventId: string | null): number {
  const asked = new URL(url, 'http://localhost').searchParams.get('after');
  return seqSchema.parse(lastEventId ?? asked ?? 0);
}
