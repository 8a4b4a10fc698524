import { cookies } from 'next/headers';
import type { BenchContext } from '@/server/bench/benchContext';
import { SEAT_COOKIE, seatOf, type SeatedGroup } from '@/server/bench/groupSeats';
import { refuse } from '../respond';

/** The group that a request comes from; `null` where it has no seat in a running class. */
export async function seatOfRequest(context: BenchContext): Promise<SeatedGroup | null> {
  return seatOf(context, (await cookies()).get(SEAT_COOKIE)?.value);
}

export function notSeated() {
  return refuse(
    401,
    'This class has ended, or you have not joined it. What you typed is kept here.',
  );
}
