import { connection } from 'next/server';
import { RealityStation } from '@/features/plan/RealityStation';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export default async function Page() {
  await connection();
  return <RealityStation cupboard={openBench(serverContext(), 'cupboard').initial.state} />;
}
