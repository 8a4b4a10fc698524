import type { CellModel } from '../../physics/chemistry/cellModel';
import { geometryOf, type ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import { familyCell } from '../../physics/chemistry/families';
import { ownCell, type OwnCell } from '../../physics/chemistry/ownCell';
import { recipeOfOwn } from '../../physics/chemistry/ownRecipe';
import type { CellBody, Recipe } from '../../physics/chemistry/recipe';
import { bodyOf, RECIPES } from '../../physics/chemistry/recipes';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import type { CellChemistry } from '../../physics/chemistry/scaleCell';
import type { Plan } from './planSchema';

/** The plan's one cell, and where its figures come from. */
export interface PlannedCell {
  readonly recipe: Recipe;
  readonly body: CellBody;
  readonly model: CellModel;
  /** `typical`: the recipe's usual values; `own`: the educator's readings replace them. */
  readonly origin: 'typical' | 'own';
  /** What the educator's readings came to; `null` where nothing was read. */
  readonly own: OwnCell | null;
}

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

/** One cell with this body, of the recipe's usual size or another, from the recipe's physics. */
export function typicalCell(
  recipe: Recipe,
  body: CellBody,
  size: ElectrodeSize | null = null,
): CellModel {
  const { geometry: usual } = recipe.physics;
  const geometry = size === null ? usual : geometryOf(size, usual.contactOhms);
  return familyCell({ chemistry: chemistryWith(recipe, body), geometry });
}

/** The recipe's chemistry with what is known of this body. */
export function chemistryWith(recipe: Recipe, body: CellBody): CellChemistry {
  const { chemistry } = recipe.physics;
  return {
    ...chemistry,
    emfVolts: body.openVolts ?? chemistry.emfVolts,
    resistivityOhmMetres: chemistry.resistivityOhmMetres * (body.resistivityShare ?? 1),
    limitingAmpsPerSquareMetre: chemistry.limitingAmpsPerSquareMetre * (body.limitShare ?? 1),
  };
}
