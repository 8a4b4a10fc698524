import { NextResponse } from 'next/server';
import * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import { logRequestSchema } from '@/core/records/logbook/logEntry';
import { appendToLog } from '@/server/bench/appendToLog';
import { benchContext } from '@/server/bench/benchContext';
import { answerOfLog } from '@/server/bench/answerOfLog';
import { answered, jsonBody, withStorageErrors, refuse } from '../../../respond';

interface Context {
  params: Promise<{ id: string }>;
}

/** A file of a whole class at once. */
const MAX_AT_ONCE = 20_000;
const bodySchema = z.union([
  z.pipe(
    logRequestSchema,
    z.transform((one) => [one]),
  ),
  z.array(logRequestSchema).check(z.minLength(1), z.maxLength(MAX_AT_ONCE)),
]);

export const GET = withStorageErrors(
  async (_request: Request, { params }: Context): Promise<NextResponse> => {
    const { id } = await params;
    return NextResponse.json(benchContext().log.linesAfter(id, 0));
  },
);

export const POST = withStorageErrors(
  async (request: Request, { params }: Context): Promise<NextResponse> => {
    const { id } = await params;
    const body = bodySchema.safeParse(await jsonBody(request));
    if (!body.success) {
      return refuse(422, 'This cannot be logged.', issuesOfZod(body.error));
    }
    return answered(answerOfLog(appendToLog(benchContext(), id, body.data, 'teacher')));
  },
);
