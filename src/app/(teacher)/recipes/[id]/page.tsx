import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { RecipeEditor } from '@/features/recipes/RecipeEditor';
import { serverContext } from '@/server/context';

export const metadata: Metadata = { title: 'Recipe' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await connection();
  const { id } = await params;
  const found = serverContext().documents('recipes').find(id);
  if (found === null || !found.document.ok) notFound();
  return (
    <RecipeEditor
      key={id}
      id={id}
      initial={found.document.value}
      initialRevision={found.revision}
    />
  );
}
