import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { classStatus, endClass, startClass } from '@/server/bench/classStatus';
import { jsonBody, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

const bodySchema = z.strictObject({ running: z.boolean() });

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    return NextResponse.json(classStatus(benchContext(), (await params).id));
  },
);

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const { id } = await params;
    const body = bodySchema.safeParse(await jsonBody(request));
    if (!body.success) {
      return refuse(422, 'Say whether the class runs.', issuesOfZod(body.error));
    }
    if (!body.data.running) return NextResponse.json(endClass(benchContext(), id));
    const started = await startClass(benchContext(), id);
    return started.ok
      ? NextResponse.json(started.value)
      : refuse(422, 'The class cannot be opened.', started.issues);
  },
);
