import { cookies } from 'next/headers';
import type { BenchContext } from '@/server/bench/benchContext';
import { SEAT_COOKIE, seatOf, type SeatedGroup } from '@/server/bench/groupSeats';
import { NOT_SEATED } from '@/server/bench/logOfGroup';
import { answered } from '../respond';

/** The group that a request comes from; `null` where it has no seat in a running class. */
export async function seatOfRequest(context: BenchContext): Promise<SeatedGroup | null> {
  return seatOf(context, (await cookies()).get(SEAT_COOKIE)?.value);
}

export function notSeated() {
  return answered(NOT_SEATED);
}
