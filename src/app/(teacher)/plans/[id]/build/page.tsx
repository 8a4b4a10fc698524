import { connection } from 'next/server';
import { BuildStation } from '@/features/plan/stations/build/BuildStation';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export default async function BuildPage() {
  await connection();
  return <BuildStation meterFound={openBench(serverContext(), 'meter')} />;
}
