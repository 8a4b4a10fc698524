import { NextResponse } from 'next/server';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { meterRequestSchema, takeReading } from '@/server/meter/takeReading';
import { documentMissing } from '../../../kindOf';
import { jsonBody, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const body = meterRequestSchema.safeParse(await jsonBody(request));
    if (!body.success) {
      return refuse(422, 'Nothing was read.', issuesOfZod(body.error));
    }
    const taken = await takeReading(benchContext(), (await params).id, body.data);
    if (taken === null) return documentMissing('plans');
    return taken.ok
      ? NextResponse.json(taken.value)
      : refuse(502, taken.issues[0]?.message ?? 'Nothing was read.', taken.issues);
  },
);
