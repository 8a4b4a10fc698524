import type { Metadata } from 'next';
import { connection } from 'next/server';
import { FairTestsPage } from '@/features/fairTests/FairTestsPage';
import { serverContext } from '@/server/context';
import { listFairTests } from '@/server/listFairTests';

export const metadata: Metadata = { title: 'Fair tests' };

export default async function Page() {
  await connection();
  return <FairTestsPage {...listFairTests(serverContext())} />;
}
