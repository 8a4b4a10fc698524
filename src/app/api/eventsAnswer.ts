import { eventStream } from '@/server/bench/eventStream';
import type { EventSink } from '@/server/bench/listenToLog';
import { eventsAfter, EVENT_HEADERS } from '@/server/lanGateway/events';

/** Sequence number after which a stream goes on. */
export function streamsFrom(request: Request): number {
  return eventsAfter(request.url, request.headers.get('last-event-id'));
}

export function eventsAnswer(begin: (sink: EventSink) => () => void): Response {
  return new Response(eventStream(begin), { headers: EVENT_HEADERS });
}
