import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { issuesOfZod } from '@/core/issuesOfZod';
import { planSchema } from '@/core/records/plan/planSchema';
import { serverContext } from '@/server/context';
import { createDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../kindOf';
import { jsonBody, withStorageErrors, refuse } from '../respond';

interface Context {
  params: Promise<{ kind: string }>;
}

const bodySchema = z.strictObject({ title: planSchema.shape.title }, 'Give it a title.');

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const kind = kindOf((await params).kind);
    if (kind === null) return documentMissing(kind);
    const body = bodySchema.safeParse(await jsonBody(request));
    if (!body.success) {
      const message = `The ${DOCUMENT_FORMATS[kind].noun} has no usable title.`;
      return refuse(422, message, issuesOfZod(body.error));
    }
    return NextResponse.json(createDocument(serverContext(), kind, body.data.title), {
      status: 201,
    });
  },
);

/** Ids and titles, last changed first. */
export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const kind = kindOf((await params).kind);
    if (kind === null) return documentMissing(kind);
    const titles = serverContext().documents(kind).titles();
    return NextResponse.json(titles.map(({ id, title }) => ({ id, title })));
  },
);
