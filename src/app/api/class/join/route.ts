import { cookies } from 'next/headers';
import { NextResponse } from 'next/server';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { joinClass, joinRequestSchema, SEAT_COOKIE } from '@/server/bench/groupSeats';
import { rateLimiter } from '@/server/lanGateway/rateLimiter';
import { addressOf } from '../../addressOf';
import { jsonBody, refuse } from '../../respond';

export async function POST(request: Request): Promise<NextResponse> {
  const body = joinRequestSchema.safeParse(await jsonBody(request));
  if (!body.success) {
    const faults = issuesOfZod(body.error);
    return refuse(422, faults[0]?.message ?? 'This is no code.', faults);
  }
  const context = benchContext();
  const address = addressOf(request);
  if (!(await rateLimiter().mayTry(address))) {
    return refuse(429, 'Too many wrong codes: wait a minute.');
  }
  const joined = await joinClass(context, body.data);
  if (!joined.ok) {
    await rateLimiter().failed(address);
    return refuse(404, joined.issues[0]?.message ?? 'No such class.', joined.issues);
  }
  const { seat, ...shown } = joined.value;
  if (seat !== null) {
    (await cookies()).set(SEAT_COOKIE, seat, { httpOnly: true, sameSite: 'lax', path: '/' });
  }
  return NextResponse.json({ ...shown, seated: seat !== null });
}
