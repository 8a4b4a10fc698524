import type { NextResponse } from 'next/server';
import { GATEWAY_HEADER } from '@/server/lanGateway/gatewayHeader';
import { foreignIn } from '@/server/ownPages';
import { refuse } from './respond';

/** Refuses what does not come from this machine's own pages: all data leave or change here. `null`: it may go on. */
export function onlyHere({ headers }: Request): NextResponse | null {
  const foreign = foreignIn(headers);
  if (foreign !== null) return refuse(403, foreign);
  return headers.has(GATEWAY_HEADER)
    ? refuse(403, 'Backups are made and put back on Grozer’s own computer only.')
    : null;
}
