import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';

/** What the stand-in of the server was asked to keep. */
export interface Kept {
  readonly url: string;
  readonly method: string;
  readonly body: unknown;
}

interface Answer {
  readonly status: number;
  readonly body: unknown;
}

/** Answers to the next requests that would change something, in their order; afterwards everything is taken again. */
const awaited: Answer[] = [];

/** The next request that would change something is answered so, and not kept. */
export function answerNext(status: number, body: unknown): void {
  awaited.push({ status, body });
}

/** Lines that are to be logged: a teacher sends a list, a group one after the other. */
function requestsIn(body: unknown): readonly LogRequest[] {
  if (Array.isArray(body)) return body as LogRequest[];
  const line = (body as { readonly line?: LogRequest } | null)?.line;
  return line === undefined ? [] : [line];
}

const told = new Map<string, unknown>();

/** From now on whoever asks for this address is told so; what would change something is not meant. */
export function answerTo(url: string, body: unknown): void {
  told.set(url, body);
}

/** From now on the server takes everything that is sent, log lines among it; what it took, newest last. */
export function keepEverything(): Kept[] {
  const kept: Kept[] = [];
  awaited.length = 0;
  let seq = 0;
  const logged = (body: unknown): LogLine[] =>
    requestsIn(body).map((request) => {
      seq += 1;
      return { ...request, seq, author: 'teacher', at: seq };
    });
  globalThis.fetch = jest.fn((asked: RequestInfo | URL, init?: RequestInit) => {
    const method = init?.method ?? 'GET';
    const url = typeof asked === 'string' ? asked : asked instanceof URL ? asked.href : asked.url;
    const body: unknown = typeof init?.body === 'string' ? JSON.parse(init.body) : null;
    const refusal = method === 'GET' ? undefined : awaited.shift();
    if (method !== 'GET' && refusal === undefined) kept.push({ url, method, body });
    const taken = { id: 'tested', revision: kept.length + 1, lines: logged(body) };
    const { status, body: answer } = refusal ?? {
      status: 200,
      body: method === 'GET' ? (told.get(url) ?? taken) : taken,
    };
    return Promise.resolve({
      ok: status < 400,
      status,
      json: () => Promise.resolve(answer),
    } as unknown as Response);
  });
  return kept;
}
