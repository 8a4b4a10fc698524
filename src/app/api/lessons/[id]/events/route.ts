import { benchContext } from '@/server/bench/benchContext';
import { runningClass } from '@/server/bench/classes';
import { logStream } from '@/server/bench/logStream';
import { eventStream, streamsFrom } from '../../../eventStream';

interface Context {
  params: Promise<{ id: string }>;
}

export const dynamic = 'force-dynamic';

export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const after = streamsFrom(request);
  const context = benchContext();
  const running = (): boolean => runningClass(context, id) !== null;
  return eventStream(logStream(context, { planId: id, after, running, allowed: () => true }));
}
