import { NextResponse } from 'next/server';
import type { Issue } from '@/core/result';
import { refused, type JsonAnswer } from '@/server/jsonAnswer';
import { storageProblem } from '@/server/storageProblem';

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

/** The JSON body of a request, or `undefined` where it is not JSON; the schema then names the fault. */
export async function jsonBody(request: Request): Promise<unknown> {
  const text = await request.text();
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
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

/** A route that says in words, instead of failing without one, that the disk is full, read-only, damaged or held by another program. */
export function withStorageErrors<Asked extends readonly unknown[], Given extends Response>(
  handle: (...asked: Asked) => Given | Promise<Given>,
): (...asked: Asked) => Promise<Given | NextResponse> {
  return async (...asked) => {
    try {
      return await handle(...asked);
    } catch (error) {
      const problem = storageProblem(error);
      if (problem === null) throw error;
      console.error(problem);
      return refuse(503, problem);
    }
  };
}
