import { benchContext } from '@/server/bench/benchContext';
import { logStream } from '@/server/bench/logStream';
import { streamPlaces } from '@/server/lanGateway/streamPlaces';
import { addressOf } from '../../addressOf';
import { eventStream, streamsFrom } from '../../eventStream';
import { refuse } from '../../respond';
import { notSeated, seatOfRequest } from '../seatOfRequest';

export const dynamic = 'force-dynamic';

export async function GET(request: Request): Promise<Response> {
  const context = benchContext();
  const seat = await seatOfRequest(context);
  if (seat === null) return notSeated();
  const { planId, group } = seat;
  const leave = streamPlaces().take(addressOf(request), `${planId} ${group}`);
  if (leave === null) {
    return refuse(429, 'Too many pages of this group are open. Close the others.');
  }
  const after = streamsFrom(request);
  return eventStream(logStream(context, { planId, seat, after, onEnd: leave }));
}
