import type { Metadata } from 'next';
import { connection } from 'next/server';
import { MetalsPage } from '@/features/metals/MetalsPage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Metals and potentials' };

export default async function Page() {
  await connection();
  return <MetalsPage found={openBench(serverContext(), 'metals')} />;
}
