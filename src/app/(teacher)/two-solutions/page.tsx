import type { Metadata } from 'next';
import { connection } from 'next/server';
import { TwoSolutionsPage } from '@/features/twoSolutions/TwoSolutionsPage';
import { serverContext } from '@/server/context';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Two solutions' };

export default async function Page() {
  await connection();
  return <TwoSolutionsPage found={openBench(serverContext(), 'two-solutions')} />;
}
