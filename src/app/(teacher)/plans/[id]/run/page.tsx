import { connection } from 'next/server';
import { RunStation } from '@/features/plan/stations/run/RunStation';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export default async function RunPage() {
  await connection();
  return <RunStation cupboard={openBench(serverContext(), 'cupboard').initial.state} />;
}
