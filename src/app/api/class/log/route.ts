import type { NextResponse } from 'next/server';
import { issuesOfZod } from '@/core/issuesOfZod';
import { logRequestSchema } from '@/core/records/logbook/logEntry';
import { appendToLog } from '@/server/bench/appendToLog';
import { benchContext } from '@/server/bench/benchContext';
import { answerOfLog } from '../../answerOfLog';
import { jsonBody, refuse } from '../../respond';
import { notSeated, seatOfRequest } from '../seatOfRequest';

export async function POST(request: Request): Promise<NextResponse> {
  const context = benchContext();
  const seat = await seatOfRequest(context);
  if (seat === null) return notSeated();
  const body = logRequestSchema.safeParse(await jsonBody(request));
  if (!body.success) return refuse(422, 'This cannot be logged.', issuesOfZod(body.error));
  if (body.data.group !== seat.group) {
    return refuse(403, 'A group writes in its own log only.');
  }
  return answerOfLog(appendToLog(context, seat.planId, [body.data], 'group'));
}
