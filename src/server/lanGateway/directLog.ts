import type { IncomingMessage, ServerResponse } from 'node:http';
import { refused, type JsonAnswer } from '../jsonAnswer';
import { cookieIn } from './cookies';

/** A reading or note is a few hundred bytes; anything far larger is not one. */
const LARGEST_BODY_BYTES = 100_000;

export interface DirectLog {
  /** Path that is answered here. */
  readonly path: string;
  /** Cookie that holds the seat of a group's device. */
  readonly seatCookie: string;
  readonly log: (sealed: string | undefined, body: unknown) => Promise<JsonAnswer>;
}

/** Whether a request is a group's log, which the gateway answers itself: half of the work is the way to the app. */
export function isForLog({ path }: DirectLog, { method, url }: IncomingMessage): boolean {
  return method === 'POST' && url === path;
}

/** Answers a group's log. As in the app, changes come from Grozer's own pages only. */
export async function answerLog(
  { seatCookie, log }: DirectLog,
  incoming: IncomingMessage,
  outgoing: ServerResponse,
): Promise<void> {
  const { origin, host = '', cookie = '' } = incoming.headers;
  if (origin !== undefined && origin !== `http://${host}`) {
    send(outgoing, refused(403, 'This request comes from another web site.'));
    return;
  }
  const text = await textOf(incoming);
  if (text === null) {
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
    // Read on, so that the answer can be sent on the same connection.
    if (size <= LARGEST_BODY_BYTES) chunks.push(chunk);
  }
  return size > LARGEST_BODY_BYTES ? null : Buffer.concat(chunks).toString('utf8');
}

/** The JSON in a text, or `undefined` where it is none; the schema then names the fault. */
function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
