import type { Metadata } from 'next';
import { connection } from 'next/server';
import { MixingBench } from '@/features/mixing/MixingBench';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Mixing bench' };

export default async function MixingPage() {
  await connection();
  return <MixingBench found={openBench(serverContext(), 'mixing')} />;
}
