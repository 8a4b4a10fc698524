import { NextResponse, type NextRequest } from 'next/server';

/** Names under which this machine's own pages are opened. */
const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Other web sites must not reach into plans through the educator's browser: requests are answered only under this
 * machine's own names, and changes only when they come from Grozer's own pages.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  const name = host.replace(/:\d+$/, '');
  if (!OWN_NAMES.has(name)) return refuse('Grozer answers only under 127.0.0.1 or localhost.');
  const origin = request.headers.get('origin');
  if (origin !== null && origin !== `http://${host}`) {
    return refuse('This request comes from another web site.');
  }
  return NextResponse.next();
}

export const config = { matcher: '/((?!_next/|icon.svg).*)' };

function refuse(message: string): NextResponse {
  return NextResponse.json({ message, faults: [] }, { status: 403 });
}
