import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { jsonBody, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

const bodySchema = z.strictObject({
  device: z.uuid('Name the device that asks.'),
  letIn: z.boolean('Say whether it comes in.'),
});

/** The teacher’s word about a second device of a group. */
export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const { id } = await params;
    const body = bodySchema.safeParse(await jsonBody(request));
    if (!body.success) return refuse(422, 'This decides nothing.', issuesOfZod(body.error));
    const { device, letIn } = body.data;
    return benchContext().admissions.decide(id, device, letIn)
      ? NextResponse.json({ letIn })
      : refuse(404, 'This device does not wait any more.');
  },
);
