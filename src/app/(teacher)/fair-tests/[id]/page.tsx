import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { FairTestPage } from '@/features/fairTests/FairTestPage';
import { serverContext } from '@/server/context';

export const metadata: Metadata = { title: 'Fair test' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await connection();
  const { id } = await params;
  const found = serverContext().documents('fair-tests').find(id);
  if (found === null || !found.document.ok) notFound();
  return (
    <FairTestPage
      key={id}
      id={id}
      initial={found.document.value}
      initialRevision={found.revision}
    />
  );
}
