import { cookies } from 'next/headers';
import { NextResponse } from 'next/server';
import { issuesOfZod } from '@/core/issuesOfZod';
import { benchContext } from '@/server/bench/benchContext';
import { rateLimiters } from '@/server/lanGateway/rateLimiter';
import {
  passcodeRequestSchema,
  TEACHER_COOKIE,
  TEACHER_SECONDS,
  teacherSeal,
} from '@/server/lanGateway/passcode';
import { addressOf } from '../addressOf';
import { jsonBody, withStorageErrors, refuse } from '../respond';

export const POST = withStorageErrors(async (request: Request): Promise<NextResponse> => {
  const body = passcodeRequestSchema.safeParse(await jsonBody(request));
  if (!body.success) {
    return refuse(422, 'The passcode has six digits.', issuesOfZod(body.error));
  }
  const context = benchContext();
  const address = addressOf(request);
  if (!(await rateLimiters().passcodes.mayTry(address))) {
    return refuse(
      429,
      `Too many wrong passcodes: wait ${await rateLimiters().passcodes.waitWords(address)}.`,
    );
  }
  const seal = await teacherSeal(context, body.data.passcode);
  if (seal === null) {
    await rateLimiters().passcodes.failed(address);
    return refuse(
      403,
      'That is not the passcode. It stands on the class page of the teacher’s computer.',
    );
  }
  (await cookies()).set(TEACHER_COOKIE, seal, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    maxAge: TEACHER_SECONDS,
  });
  return NextResponse.json({ right: true });
});
