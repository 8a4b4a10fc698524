import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';

/** One of the educator's own recipes, as it is now. */
export interface RecipeOnOffer {
  readonly id: string;
  readonly recipe: OwnRecipe;
}
