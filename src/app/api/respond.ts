import { NextResponse } from 'next/server';
import type { Issue } from '@/core/result';
import { refused, type JsonAnswer } from '@/server/jsonAnswer';
import { jsonOf } from '@/core/formats/json';
import { isRestoring, RESTORING } from '@/server/safekeeping/restoring';
import { storageProblem } from '@/server/storageProblem';
import { largestBody } from '@/server/largestBody';
import { boundedBytes, TooLarge } from './body';

export function refuse(
  status: number,
  message: string,
  faults: readonly Issue[] = [],
): NextResponse {
  return answered(refused(status, message, faults));
}

export function answered({ status, body }: JsonAnswer): NextResponse {
  return NextResponse.json(body, { status });
}

/**
 * The JSON body of a request, or `undefined` where it is not JSON; the schema then names the fault.
 * @throws {TooLarge} beyond what is sent there, which `withStorageErrors` answers.
 */
export async function jsonBody(request: Request): Promise<unknown> {
  const most = largestBody(new URL(request.url).pathname);
  return jsonOf(new TextDecoder().decode(await boundedBytes(request, most)));
}

/** A PDF to be looked at in the browser. */
export function pdfResponse(pdf: Buffer, fileName: string): Response {
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${fileName}.pdf"`,
      'cache-control': 'no-store',
    },
  });
}

/** Whether a request writes; what puts a backup back is told apart by its own route. */
function changesSomething(asked: unknown): boolean {
  if (!(asked instanceof Request) || ['GET', 'HEAD'].includes(asked.method)) return false;
  return !new URL(asked.url).pathname.startsWith('/api/restore');
}

/** A route that says in words, instead of failing without one, that the disk is full, read-only, damaged or held by another program. */
export function withStorageErrors<Asked extends readonly unknown[], Given extends Response>(
  handle: (...asked: Asked) => Given | Promise<Given>,
): (...asked: Asked) => Promise<Given | NextResponse> {
  return async (...asked) => {
    try {
      if (isRestoring() && changesSomething(asked[0])) return refuse(503, RESTORING);
      return await handle(...asked);
    } catch (error) {
      if (error instanceof TooLarge) return refuse(413, 'This is far larger than it ever is.');
      const problem = storageProblem(error);
      if (problem === null) throw error;
      console.error(problem);
      return refuse(503, problem);
    }
  };
}
