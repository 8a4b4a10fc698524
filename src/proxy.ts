import { randomBytes } from 'node:crypto';
import { NextResponse, type NextRequest } from 'next/server';

/** Carries the nonce of a page to its layout. */
export const NONCE_HEADER = 'x-nonce';

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
  const { pathname } = request.nextUrl;
  if (pathname.startsWith('/api/')) return withPolicy(NextResponse.next(), POLICY_OF_ANSWERS);
  const nonce = randomBytes(16).toString('base64');
  const policy = policyOfPages(nonce);
  const headers = new Headers(request.headers);
  // Next gives it to its own scripts, the layout to ours.
  headers.set('content-security-policy', policy);
  headers.set(NONCE_HEADER, nonce);
  return withPolicy(NextResponse.next({ request: { headers } }), policy);
}

/** Of what is no page: nothing in it may be framed. */
const POLICY_OF_ANSWERS = "frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

/** Only scripts that this answer itself names may run (W3C Content Security Policy Level 3); nothing comes from elsewhere. */
function policyOfPages(nonce: string): string {
  // React’s tools for developers put stack traces together with it.
  const developing = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${developing}`,
    // Drawings and the theme’s library set styles at their elements.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

function withPolicy(response: NextResponse, policy: string): NextResponse {
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = { matcher: '/((?!_next/|icon.svg).*)' };

function refuse(message: string): NextResponse {
  return NextResponse.json({ message, faults: [] }, { status: 403 });
}
