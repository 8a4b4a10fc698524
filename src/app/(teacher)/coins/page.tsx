import type { Metadata } from 'next';
import { connection } from 'next/server';
import { CoinsPage } from '@/features/coins/CoinsPage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Coins' };

export default async function Page() {
  await connection();
  return <CoinsPage found={openBench(serverContext(), 'coins')} />;
}
