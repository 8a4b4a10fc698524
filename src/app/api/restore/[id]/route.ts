import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { dropBackup, putBack } from '@/server/safekeeping/keeper';
import { onlyHere } from '../../onlyHere';
import { withStorageErrors, refuse } from '../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

const idSchema = z.uuid();

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<Response> => {
    const away = onlyHere(request);
    if (away !== null) return away;
    const id = idSchema.safeParse((await params).id);
    if (!id.success) return refuse(404, 'This is no backup.');
    const restored = await putBack(id.data, Date.now());
    return restored.ok
      ? NextResponse.json({ keptAs: restored.value.keptAs })
      : refuse(422, 'Nothing was put back.', restored.issues);
  },
);

export const DELETE = withStorageErrors(
  async (request: Request, { params }: Context): Promise<Response> => {
    const away = onlyHere(request);
    if (away !== null) return away;
    const id = idSchema.safeParse((await params).id);
    if (!id.success) return refuse(404, 'This is no backup.');
    await dropBackup(id.data);
    return NextResponse.json({ dropped: true });
  },
);
