/** Names under which this machine's own pages are opened. */
const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Why a request is none of Grozer's own pages; `null` where it may be one. */
export function foreignIn(headers: Headers): string | null {
  const host = headers.get('host') ?? '';
  const name = host.replace(/:\d+$/, '');
  if (!OWN_NAMES.has(name)) return 'Grozer answers only under 127.0.0.1 or localhost.';
  const origin = headers.get('origin');
  return origin !== null && origin !== `http://${host}`
    ? 'This request comes from another web site.'
    : null;
}
