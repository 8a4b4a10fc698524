/** What the stand-in of the server was asked to keep. */
export interface Kept {
  readonly url: string;
  readonly method: string;
  readonly body: unknown;
}

/** From now on the server takes everything that is sent; what it took, newest last. */
export function keepEverything(): Kept[] {
  const kept: Kept[] = [];
  globalThis.fetch = jest.fn((asked: RequestInfo | URL, init?: RequestInit) => {
    const method = init?.method ?? 'GET';
    const url = typeof asked === 'string' ? asked : asked instanceof URL ? asked.href : asked.url;
    const body: unknown = typeof init?.body === 'string' ? JSON.parse(init.body) : null;
    if (method !== 'GET') kept.push({ url, method, body });
    const answer = { id: 'tested', revision: kept.length + 1, lines: [] };
    return Promise.resolve({
      ok: true,
      status: 200,
      json: () => Promise.resolve(answer),
    } as unknown as Response);
  });
  return kept;
}
