import { NextResponse } from 'next/server';
import { serverContext } from '@/server/context';
import { documentMissing, kindOf } from '../../../kindOf';
import { withStorageErrors } from '../../../respond';

interface Context {
  params: Promise<{ kind: string; id: string }>;
}

export const POST = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const { kind: named, id } = await params;
    const kind = kindOf(named);
    return kind !== null && serverContext().documents(kind).restore(id)
      ? NextResponse.json({ id })
      : documentMissing(kind);
  },
);
