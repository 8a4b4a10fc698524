import { benchContext } from '@/server/bench/benchContext';
import { logStream } from '@/server/bench/logStream';
import { runningClass } from '@/server/bench/classes';
import { eventStream, streamsFrom } from '../../eventStream';
import { notSeated, seatOfRequest } from '../seatOfRequest';

export const dynamic = 'force-dynamic';

export async function GET(request: Request): Promise<Response> {
  const context = benchContext();
  const seat = await seatOfRequest(context);
  if (seat === null) return notSeated();
  const { planId, group } = seat;
  const running = (): boolean => runningClass(context, planId) !== null;
  return eventStream(
    logStream(context, {
      planId,
      group,
      after: streamsFrom(request),
      running,
      allowed: running,
    }),
  );
}
