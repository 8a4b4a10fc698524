import type { Metadata } from 'next';
import { connection } from 'next/server';
import { SeriesParallelPage } from '@/features/seriesParallel/SeriesParallelPage';

export const metadata: Metadata = { title: 'Series or parallel?' };

export default async function Page() {
  // The address names the step, so there is nothing to prepare at build.
  await connection();
  return <SeriesParallelPage />;
}
