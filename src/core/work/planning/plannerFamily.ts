import { familyOf } from '../../physics/chemistry/families';
import type { Piece } from '../../physics/chemistry/pieces';
import { chemistryWith, geometryWith } from '../../physics/chemistry/plannedCell';
import type { CellBody, Recipe } from '../../physics/chemistry/recipe';
import type { CellMade } from '../parts/billOfBattery';
import type { PlannerFamily } from './plannerTypes';

/** A typical cell of a recipe with one of its bodies, as the planner takes families. */
export function plannerFamily(
  recipe: Recipe,
  body: CellBody,
  piece: Piece = 'whole',
): PlannerFamily & { readonly made: CellMade } {
  return {
    ...familyOf(recipe.family),
    name: recipe.name,
    chemistry: chemistryWith(recipe, body),
    geometry: geometryWith(recipe, null, piece),
    liquid: body.liquid,
    made: {
      recipe,
      bodyId: body.id,
      piece,
      size: recipe.usualSize,
      overhangMillimetres: 0,
    },
  };
}
