import { cookies } from 'next/headers';
import { NextResponse } from 'next/server';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { joinClass, joinRequestSchema, SEAT_COOKIE } from '@/server/bench/groupSeats';
import { rateLimiters } from '@/server/lanGateway/rateLimiter';
import { addressOf } from '../../addressOf';
import { jsonBody, withStorageErrors, refuse } from '../../respond';

export const POST = withStorageErrors(async (request: Request): Promise<NextResponse> => {
  const body = joinRequestSchema.safeParse(await jsonBody(request));
  if (!body.success) {
    const faults = issuesOfZod(body.error);
    return refuse(422, faults[0]?.message ?? 'This is no code.', faults);
  }
  const context = benchContext();
  const address = addressOf(request);
  if (!(await rateLimiters().codes.mayTry(address))) {
    return refuse(
      429,
      `Too many wrong codes: wait ${await rateLimiters().codes.waitWords(address)}.`,
    );
  }
  const jar = await cookies();
  const joined = await joinClass(context, body.data, jar.get(SEAT_COOKIE)?.value, address);
  if (!joined.ok) {
    const [issue] = joined.issues;
    if (issue?.code === 'no-class') await rateLimiters().codes.failed(address);
    return refuse(
      issue?.code === 'no-class' ? 404 : 403,
      issue?.message ?? 'No such class.',
      joined.issues,
    );
  }
  const { seat, ...shown } = joined.value;
  if (seat !== null) {
    jar.set(SEAT_COOKIE, seat, { httpOnly: true, sameSite: 'lax', path: '/' });
  }
  return NextResponse.json({ ...shown, seated: seat !== null });
});
