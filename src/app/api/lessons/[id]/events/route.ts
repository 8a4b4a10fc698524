import { benchContext } from '@/server/bench/benchContext';
import { logStream } from '@/server/bench/logStream';
import { eventStream, streamsFrom } from '../../../eventStream';

interface Context {
  params: Promise<{ id: string }>;
}

export const dynamic = 'force-dynamic';

export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  return eventStream(logStream(benchContext(), { planId: id, after: streamsFrom(request) }));
}
