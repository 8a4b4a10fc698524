import { familyCell } from './families';
import { geometryOf, type ElectrodeSize } from './electrodeSize';
import type { CellModel } from './cellModel';
import type { OwnCell } from './ownCell';
import type { CellBody, Recipe } from './recipe';
import type { CellChemistry } from './scaleCell';

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
