import type { Metadata } from 'next';
import { connection } from 'next/server';
import { RecipesPage } from '@/features/recipes/RecipesPage';
import { serverContext } from '@/server/context';
import { ownRecipes } from '@/server/listOwnRecipes';

export const metadata: Metadata = { title: 'Recipes' };

export default async function Page() {
  await connection();
  return <RecipesPage {...ownRecipes(serverContext())} />;
}
