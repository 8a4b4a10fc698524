import { recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import { RECIPE_IDS, type RecipeId } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { freshCell } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import type { RecipeOnOffer } from '../../recipeOnOffer';
import type { RecipeOption } from './RecipeChoice';

type PlanCell = Plan['cell'];

const SHIPPED: readonly RecipeOption[] = RECIPE_IDS.map((id) => ({
  key: id,
  recipe: RECIPES[id],
  own: false,
}));

/** What can be chosen: the shipped recipes, one's own, and the plan's own where it came with a file. */
export function recipeOptions(
  { ownRecipe }: PlanCell,
  offered: readonly RecipeOnOffer[],
): RecipeOption[] {
  const foreign =
    ownRecipe !== null && !offered.some(({ id }) => id === ownRecipe.id) ? [ownRecipe] : [];
  return [
    ...SHIPPED,
    ...[...offered, ...foreign].map(({ id, recipe }) => ({
      key: ownKey(id),
      recipe: recipeOfOwn(recipe),
      own: true,
    })),
  ];
}

/** Key of the recipe that the plan uses. */
export function chosenKey({ recipe, ownRecipe }: PlanCell): string {
  return ownRecipe === null ? recipe : ownKey(ownRecipe.id);
}

/** The plan's cell with another recipe: its first body, its usual size, nothing read yet. */
export function cellWithRecipe(
  before: PlanCell,
  key: string,
  offered: readonly RecipeOnOffer[],
): PlanCell {
  const own = offered.find(({ id }) => ownKey(id) === key);
  if (own !== undefined) {
    return freshCell(own.recipe.startsFrom, own.recipe.bodies[0]?.id ?? before.body, own);
  }
  const shipped = RECIPE_IDS.find((id) => id === key);
  return shipped === undefined ? before : shippedCell(shipped);
}

/** The own recipe as it is now, where it changed since it was chosen; otherwise `null`. */
export function changedSince(
  { ownRecipe }: PlanCell,
  offered: readonly RecipeOnOffer[],
): RecipeOnOffer | null {
  const now = offered.find(({ id }) => id === ownRecipe?.id);
  return now === undefined || JSON.stringify(now.recipe) === JSON.stringify(ownRecipe?.recipe)
    ? null
    : now;
}

function shippedCell(recipe: RecipeId): PlanCell {
  return freshCell(recipe, RECIPES[recipe].bodies[0].id);
}

function ownKey(id: string): string {
  return `own ${id}`;
}
