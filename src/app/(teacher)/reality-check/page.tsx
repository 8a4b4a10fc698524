import type { Metadata } from 'next';
import { connection } from 'next/server';
import { RealityPage } from '@/features/reality/RealityPage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Reality check' };

export default async function Page() {
  await connection();
  const context = serverContext();
  return (
    <RealityPage
      found={openBench(context, 'reality')}
      cupboard={openBench(context, 'cupboard').initial.state}
    />
  );
}
