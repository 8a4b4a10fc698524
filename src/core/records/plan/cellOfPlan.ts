import { ownCell } from '../../physics/chemistry/ownCell';
import { typicalCell, type PlannedCell } from '../../physics/chemistry/plannedCell';
import { recipeOfOwn } from '../../physics/chemistry/ownRecipe';
import { bodyOf, RECIPES } from '../../physics/chemistry/recipes';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import type { Plan } from './planSchema';

/** Own readings beat the recipe's typical values. Doubtful ones wait until the educator keeps or mends them. */
export function cellOfPlan(plan: Pick<Plan, 'cell'>): PlannedCell {
  const { cell } = plan;
  const recipe =
    cell.ownRecipe === null ? RECIPES[cell.recipe] : recipeOfOwn(cell.ownRecipe.recipe);
  const body = bodyOf(recipe, cell.body);
  const own = cell.own === null ? null : ownCell(cell.own, recipe);
  // Readings are of one pair; more pairs in the same body add their areas.
  const pairs = cell.size?.pairs ?? 1;
  return own?.status === 'used'
    ? { recipe, body, model: sideBySide(own.model, pairs), origin: 'own', own }
    : { recipe, body, model: typicalCell(recipe, body, cell.size), origin: 'typical', own };
}
