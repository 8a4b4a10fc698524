import * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import { logRequestSchema, type LogEntry } from '@/core/records/logbook/logEntry';
import { refused, type JsonAnswer } from '../jsonAnswer';
import { answerOfLog } from './answerOfLog';
import { appendToLog } from './appendToLog';
import type { BenchContext } from './benchContext';
import { linesOfSeats } from '../lanGateway/trafficLimit';
import { isRestoring, RESTORING } from '../safekeeping/restoring';
import { seatClaims } from './groupSeats';

/** A line, and the class that it was typed in: what waited on a phone never lands in another one. */
const groupLineSchema = z.strictObject({
  class: z.number('Name the class that this belongs to.'),
  line: logRequestSchema,
});

export const NOT_SEATED = refused(
  401,
  'This class has ended, or you have not joined it. What you typed is kept here.',
);

/**
 * What a group's device sends to be logged: sixty groups do so every second, so the gateway answers it itself.
 * @param sealed the seat of the device, as its cookie holds it.
 * @param body of the request, unread: `undefined` where it is not JSON.
 */
export async function logOfGroup(
  context: BenchContext,
  sealed: string | undefined,
  body: unknown,
): Promise<JsonAnswer> {
  if (isRestoring()) return refused(503, RESTORING);
  const seat = await seatClaims(context, sealed);
  if (seat === null) return NOT_SEATED;
  const parsed = groupLineSchema.safeParse(body);
  if (!parsed.success) return refused(422, 'This cannot be logged.', issuesOfZod(parsed.error));
  const { class: startedAt, line } = parsed.data;
  if (startedAt !== seat.startedAt) return NOT_SEATED;
  if (!(await linesOfSeats.take(`${seat.planId} ${seat.group}`, 1))) {
    return refused(429, 'This group sends too much at once; it is sent again in a moment.');
  }
  if (line.group !== seat.group) {
    return refused(403, 'A group writes in its own log only.');
  }
  const ofClass = { ...line, entry: inTime(line.entry, startedAt, context.now()) };
  return answerOfLog(appendToLog(context, seat.planId, [ofClass], 'group'));
}

/** An entry of a class was written in it, whatever the device’s clock says; times are milliseconds since 1970. */
function inTime(entry: LogEntry, start: number, now: number): LogEntry {
  const taken = Math.min(Math.max(Date.parse(entry.takenAt), start), now);
  return { ...entry, takenAt: new Date(taken).toISOString() };
}
