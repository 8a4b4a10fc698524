import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { WallPage } from '@/features/plan/wall/WallPage';
import { benchContext } from '@/server/bench/benchContext';

export const metadata: Metadata = { title: 'Board for the wall' };

interface WallProps {
  readonly params: Promise<{ id: string }>;
}

export default async function Wall({ params }: WallProps) {
  await connection();
  const { id } = await params;
  const context = benchContext();
  const found = context.documents('plans').find(id);
  if (found === null || !found.document.ok) notFound();
  return (
    <WallPage id={id} plan={found.document.value} initialLog={context.log.linesAfter(id, 0)} />
  );
}
