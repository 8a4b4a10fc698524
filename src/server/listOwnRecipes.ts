import type { OwnRecipe } from '@/core/physics/chemistry/ownRecipeSchema';
import type { ServerContext } from './context';

/** The educator's own recipes that can be read, by name. */
export function listOwnRecipes({ documents }: Pick<ServerContext, 'documents'>): {
  id: string;
  recipe: OwnRecipe;
}[] {
  return documents('recipes')
    .list()
    .flatMap(({ id, document }) => (document.ok ? [{ id, recipe: document.value }] : []))
    .sort((a, b) => a.recipe.title.localeCompare(b.recipe.title));
}
