import type { EventSink } from './listenToLog';

/** Messages that may wait for a reader. */
const MOST_WAITING = 200;

/** Events as a stream for a route’s answer; `begin` gets where they go and returns what ends them. */
export function eventStream(begin: (sink: EventSink) => () => void): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let leave: () => void = () => undefined;
  return new ReadableStream({
    start(controller) {
      leave = begin({
        say: (text) => {
          if ((controller.desiredSize ?? 0) < -MOST_WAITING) return false;
          controller.enqueue(encoder.encode(text));
          return true;
        },
        close: () => controller.close(),
      });
    },
    cancel: () => leave(),
  });
}
