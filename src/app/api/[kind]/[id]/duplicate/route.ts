import { NextResponse } from 'next/server';
import { serverContext } from '@/server/context';
import { duplicateDocument } from '@/server/documents';
import { documentMissing, kindOf } from '../../../kindOf';
import { withStorageErrors } from '../../../respond';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export const POST = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    const copy = kind === null ? null : duplicateDocument(serverContext(), kind, id);
    return copy === null ? documentMissing(kind) : NextResponse.json(copy, { status: 201 });
  },
);
