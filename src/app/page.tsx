import { redirect } from 'next/navigation';
import { connection } from 'next/server';
import { Shelf } from '@/features/shelf/Shelf';
import { serverContext } from '@/server/context';
import { listShelf } from '@/server/listShelf';

interface ShelfPageProps {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function ShelfPage({ searchParams }: ShelfPageProps) {
  await connection();
  const entries = listShelf(serverContext());
  const { tour } = await searchParams;
  // The tour goes round the first plan that can be read.
  const first = entries.find(({ summary }) => summary.ok);
  if (tour !== undefined && first !== undefined) redirect(`/plans/${first.id}/arrange?tour=1`);
  return <Shelf entries={entries} />;
}
