import { recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';
import type { ServerContext } from './context';
import { listDocuments, type UnreadableDocument } from './listDocuments';

export interface StoredRecipe {
  readonly id: string;
  readonly recipe: OwnRecipe;
}

/** The educator's own recipes by name, and those that cannot be read. */
export function ownRecipes(context: Pick<ServerContext, 'documents'>): {
  readonly own: readonly StoredRecipe[];
  readonly unreadable: readonly UnreadableDocument[];
} {
  const { readable, unreadable } = listDocuments(context, 'recipes', recipeOfOwn);
  const own = readable
    .map(({ id, document }) => ({ id, recipe: document }))
    .sort((a, b) => a.recipe.title.localeCompare(b.recipe.title));
  return { own, unreadable };
}

/** Those that can be used. */
export function listOwnRecipes(context: Pick<ServerContext, 'documents'>): readonly StoredRecipe[] {
  return ownRecipes(context).own;
}
