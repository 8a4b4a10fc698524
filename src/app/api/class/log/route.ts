import { cookies } from 'next/headers';
import type { NextResponse } from 'next/server';
import { benchContext } from '@/server/bench/benchContext';
import { SEAT_COOKIE } from '@/server/bench/groupSeats';
import { logOfGroup } from '@/server/bench/logOfGroup';
import { answered, jsonBody, withStorageErrors } from '../../respond';

/** On this machine itself; what comes from the network the gateway answers in the same words. */
export const POST = withStorageErrors(async (request: Request): Promise<NextResponse> => {
  const sealed = (await cookies()).get(SEAT_COOKIE)?.value;
  return answered(await logOfGroup(benchContext(), sealed, await jsonBody(request)));
});
