import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { DOCUMENT_FORMATS, type DocumentKind } from '@/core/documents/documentKinds';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { endClassOfDeleted } from '@/server/bench/classStatus';
import { logBus } from '@/server/bench/logBus';
import { serverContext } from '@/server/context';
import { saveDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../kindOf';
import { jsonBody, withStorageErrors, refuse } from '../../respond';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    const found = kind === null ? null : serverContext().documents(kind).find(id);
    if (kind === null || found === null) return documentMissing(kind);
    if (!found.document.ok) return unreadable(kind, found.document.issues);
    return NextResponse.json({ revision: found.revision, document: found.document.value });
  },
);

export const PUT = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    if (kind === null) return documentMissing(kind);
    const { noun, schema } = DOCUMENT_FORMATS[kind];
    const bodySchema = z.strictObject({
      revision: z.int().check(z.nonnegative()),
      document: schema,
    });
    const body = bodySchema.safeParse(await jsonBody(request));
    if (!body.success) return refuse(422, `The ${noun} was not saved.`, issuesOfZod(body.error));
    const outcome = saveDocument(serverContext(), kind, id, body.data);
    switch (outcome.status) {
      case 'saved':
        if (kind === 'plans') logBus().planSaved(id);
        return NextResponse.json({ revision: outcome.revision });
      case 'conflict':
        return refuse(409, `This ${noun} was changed in another window since you opened it.`);
      case 'missing':
        return documentMissing(kind);
    }
  },
);

export const DELETE = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    if (kind === null) return documentMissing(kind);
    const context = benchContext();
    if (!context.documents(kind).remove(id, context.now())) return documentMissing(kind);
    if (kind === 'plans') endClassOfDeleted(context, id);
    return NextResponse.json({ id });
  },
);

function unreadable(kind: DocumentKind, faults: Parameters<typeof refuse>[2]): NextResponse {
  return refuse(422, `The stored ${DOCUMENT_FORMATS[kind].noun} cannot be read.`, faults);
}
