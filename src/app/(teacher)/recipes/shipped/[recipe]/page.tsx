import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { ShippedRecipe } from '@/features/recipes/ShippedRecipe';

export const metadata: Metadata = { title: 'Recipe' };

export default async function Page({ params }: { params: Promise<{ recipe: string }> }) {
  const { recipe } = await params;
  const id = RECIPE_IDS.find((one) => one === recipe);
  if (id === undefined) notFound();
  return <ShippedRecipe id={id} />;
}
