import type { Metadata } from 'next';
import { connection } from 'next/server';
import { SchoolPage } from '@/features/school/SchoolPage';
import { serverContext } from '@/server/context';
import { listOwnRecipes } from '@/server/listOwnRecipes';
import { openBench } from '@/server/openTool';

export const metadata: Metadata = { title: 'Your school’s cells' };

export default async function Page() {
  await connection();
  const context = serverContext();
  return <SchoolPage found={openBench(context, 'school')} ownRecipes={listOwnRecipes(context)} />;
}
