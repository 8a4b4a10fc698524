import { benchContext } from '@/server/bench/benchContext';
import { listenToLog } from '@/server/bench/listenToLog';
import { eventsAnswer, streamsFrom } from '../../../eventsAnswer';

interface Context {
  params: Promise<{ id: string }>;
}

export const dynamic = 'force-dynamic';

export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const after = streamsFrom(request);
  return eventsAnswer((sink) => listenToLog(benchContext(), { planId: id, after }, sink));
}
