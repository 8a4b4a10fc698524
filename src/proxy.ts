import { randomBytes } from 'node:crypto';
import { NextResponse, type NextRequest } from 'next/server';
import { POLICY_OF_ANSWERS } from './server/contentPolicy';
import { foreignIn } from './server/ownPages';

/** Carries the nonce of a page to its layout. */
export const NONCE_HEADER = 'x-nonce';

/**
 * Other web sites must not reach into plans through the educator's browser: requests are answered only under this
 * machine's own names, and changes only when they come from Grozer's own pages.
 */
export function proxy(request: NextRequest): NextResponse {
  const foreign = foreignIn(request.headers);
  if (foreign !== null) return NextResponse.json({ message: foreign, faults: [] }, { status: 403 });
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

// A backup that is put back may be far larger than what goes through here: its route asks `foreignIn` itself.
export const config = { matcher: '/((?!_next/|icon.svg|api/restore).*)' };
