import { connection } from 'next/server';
import { ReadyStation } from '@/features/plan/stations/ready/ReadyStation';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export default async function ReadyPage() {
  await connection();
  return <ReadyStation cupboardFound={openBench(serverContext(), 'cupboard')} />;
}
