import type { Metadata } from 'next';
import { connection } from 'next/server';
import { stockOf } from '@/core/records/cupboard/cupboardSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { HavePage } from '@/features/have/HavePage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'I have …' };

export default async function Page() {
  await connection();
  const { state } = openBench(serverContext(), 'cupboard').initial;
  return <HavePage stock={stockOf(state, isBatteryPart)} />;
}
