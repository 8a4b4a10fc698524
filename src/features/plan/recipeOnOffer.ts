import type { OwnRecipe } from '@/core/physics/chemistry/ownRecipeSchema';

/** One of the educator's own recipes, as it is now. */
export interface RecipeOnOffer {
  readonly id: string;
  readonly recipe: OwnRecipe;
}
