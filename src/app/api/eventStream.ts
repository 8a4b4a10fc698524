import { z } from 'zod';

const seqSchema = z.coerce.number().int().min(0).catch(0);

/** Sequence number after which a stream goes on: what the browser saw last, or what the page already has. */
export function streamsFrom(request: Request): number {
  const asked = new URL(request.url).searchParams.get('after');
  return seqSchema.parse(request.headers.get('last-event-id') ?? asked ?? 0);
}

export function eventStream(stream: ReadableStream<Uint8Array>): Response {
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}
