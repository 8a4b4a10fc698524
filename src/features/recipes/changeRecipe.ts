import type { Bound } from '@/ui/BoundQuantity';
import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';

/** Changes part of the recipe; edits that name the same `typing` one after another are one undo step. */
export type ChangeRecipe = (part: Partial<OwnRecipe>, typing?: string) => void;

/** What every part of the editor gets. */
export interface RecipePartProps {
  readonly own: OwnRecipe;
  readonly change: ChangeRecipe;
  /** The recipe, for fields of one number. */
  readonly of: Bound<OwnRecipe>;
}
