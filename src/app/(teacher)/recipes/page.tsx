import type { Metadata } from 'next';
import { connection } from 'next/server';
import { RecipesPage } from '@/features/recipes/RecipesPage';
import { serverContext } from '@/server/context';
import { listOwnRecipes } from '@/server/listOwnRecipes';

export const metadata: Metadata = { title: 'Recipes' };

export default async function Page() {
  await connection();
  return <RecipesPage own={listOwnRecipes(serverContext())} />;
}
