import { ownRecipeFrom, RECIPE_DOCUMENT } from '@/core/physics/recipes/ownRecipe';
import type { RecipeId } from '@/core/physics/recipes/recipe';
import { importRemote, type DocumentAnswer } from '@/ui/document/documentApi';

/** Stores a recipe of one's own that begins as a shipped one. */
export function makeOwn(id: RecipeId): Promise<DocumentAnswer> {
  return importRemote('recipes', RECIPE_DOCUMENT.text(ownRecipeFrom(id)));
}
