import { cookies } from 'next/headers';
import { benchContext } from '@/server/bench/benchContext';
import { SEAT_COOKIE } from '@/server/bench/groupSeats';
import { listenAsGroup } from '@/server/bench/listenAsGroup';
import { addressOf } from '../../addressOf';
import { eventsAnswer, streamsFrom } from '../../eventsAnswer';
import { answered } from '../../respond';

export const dynamic = 'force-dynamic';

/** On this machine itself; what comes from the network the gateway answers in the same words. */
export async function GET(request: Request): Promise<Response> {
  const asked = await listenAsGroup(benchContext(), {
    sealed: (await cookies()).get(SEAT_COOKIE)?.value,
    address: addressOf(request),
    after: streamsFrom(request),
  });
  return asked.refusal === null ? eventsAnswer(asked.listen) : answered(asked.refusal);
}
