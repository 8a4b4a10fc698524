import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';

/** What the stand-in of the server was asked to keep. */
export interface Kept {
  readonly url: string;
  readonly method: string;
  readonly body: unknown;
}

/** From now on the server takes everything that is sent, log lines among it; what it took, newest last. */
export function keepEverything(): Kept[] {
  const kept: Kept[] = [];
  let seq = 0;
  const logged = (body: unknown): LogLine[] =>
    (Array.isArray(body) ? (body as LogRequest[]) : []).map((request) => {
      seq += 1;
      return { ...request, seq, author: 'teacher', at: seq };
    });
  globalThis.fetch = jest.fn((asked: RequestInfo | URL, init?: RequestInit) => {
    const method = init?.method ?? 'GET';
    const url = typeof asked === 'string' ? asked : asked instanceof URL ? asked.href : asked.url;
    const body: unknown = typeof init?.body === 'string' ? JSON.parse(init.body) : null;
    if (method !== 'GET') kept.push({ url, method, body });
    const answer = { id: 'tested', revision: kept.length + 1, lines: logged(body) };
    return Promise.resolve({
      ok: true,
      status: 200,
      json: () => Promise.resolve(answer),
    } as unknown as Response);
  });
  return kept;
}
