import { jsonOf } from '@/core/formats/json';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { refused, type JsonAnswer } from '../jsonAnswer';
import { largestBody } from '../largestBody';
import type { GroupListener } from '../bench/listenAsGroup';
import { cookieIn } from './cookies';
import { eventsAfter, EVENT_HEADERS } from './events';
import { isOwnOrigin } from './ownOrigin';

export interface DirectLog {
  /** Paths that are answered here: lines come in, news go out. */
  readonly logPath: string;
  readonly eventsPath: string;
  /** Cookie that holds the seat of a group's device. */
  readonly seatCookie: string;
  readonly log: (sealed: string | undefined, body: unknown) => Promise<JsonAnswer>;
  readonly events: (
    sealed: string | undefined,
    address: string,
    after: number,
  ) => Promise<GroupListener>;
}

/** Whether a request is a group's log, which the gateway answers itself: half of the work is the way to the app. */
export function isForLog({ logPath }: DirectLog, { method, url }: IncomingMessage): boolean {
  return method === 'POST' && url === logPath;
}

/** Whether a request listens to a group's log, which is answered here too: each message would pass two more sockets. */
export function isForEvents(
  { eventsPath }: DirectLog,
  { method, url = '' }: IncomingMessage,
): boolean {
  return method === 'GET' && url.split('?')[0] === eventsPath;
}

/** Bytes that may wait for a device that does not read. */
const MOST_WAITING_BYTES = 1_000_000;

/** Tells a group's device the news of its log until it goes or its class ends. */
export async function answerEvents(
  { seatCookie, events }: DirectLog,
  incoming: IncomingMessage,
  outgoing: ServerResponse,
): Promise<void> {
  const { headers, socket, url = '' } = incoming;
  const lastSeen = headers['last-event-id'];
  const asked = await events(
    cookieIn(headers.cookie ?? '', seatCookie),
    socket.remoteAddress ?? '',
    eventsAfter(url, typeof lastSeen === 'string' ? lastSeen : null),
  );
  if (asked.refusal !== null) {
    send(outgoing, asked.refusal);
    return;
  }
  outgoing.writeHead(200, EVENT_HEADERS);
  const leave = asked.listen({
    say: (text) => {
      if (outgoing.writableLength > MOST_WAITING_BYTES) return false;
      outgoing.write(text);
      return true;
    },
    close: () => outgoing.end(),
  });
  // It may have gone while its seat was looked at: then nothing more tells of it.
  if (outgoing.destroyed) leave();
  else outgoing.on('close', leave);
}

/** Answers a group's log. As in the app, changes come from Grozer's own pages only. */
export async function answerLog(
  { seatCookie, log }: DirectLog,
  incoming: IncomingMessage,
  outgoing: ServerResponse,
): Promise<void> {
  const { origin, host = '', cookie = '' } = incoming.headers;
  if (origin !== undefined && !isOwnOrigin(origin, host)) {
    send(outgoing, refused(403, 'This request comes from another web site.'));
    return;
  }
  const text = await textOf(incoming);
  if (text === null) {
    // Nothing more of it is read.
    outgoing.setHeader('connection', 'close');
    send(outgoing, refused(413, 'This is far too large for a log.'));
    return;
  }
  send(outgoing, await log(cookieIn(cookie, seatCookie), jsonOf(text)));
}

function send(outgoing: ServerResponse, { status, body }: JsonAnswer): void {
  outgoing
    .writeHead(status, {
      'content-type': 'application/json',
      'cache-control': 'no-store',
    })
    .end(JSON.stringify(body));
}

/** The body of a request; `null` where it is too large. */
async function textOf(incoming: IncomingMessage): Promise<string | null> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of incoming as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > largestBody(incoming.url ?? '')) return null;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}
