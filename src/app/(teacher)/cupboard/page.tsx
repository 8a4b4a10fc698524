import type { Metadata } from 'next';
import { connection } from 'next/server';
import { CupboardPage } from '@/features/cupboard/CupboardPage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Cupboard' };

export default async function Page() {
  await connection();
  return <CupboardPage found={openBench(serverContext(), 'cupboard')} />;
}
