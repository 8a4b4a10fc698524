import { ROOM_CELSIUS } from '../../core/constants';
import type { CellModel } from '../../core/physics/cell/cellModel';
import { plannedCell, type PlannedCell } from '../../core/physics/readings/plannedCell';
import type { CellBody } from '../../core/physics/recipes/bodies';
import {
  cellBuild,
  typicalModel,
  withPairs,
  type CellBuild,
} from '../../core/physics/recipes/cellBuild';
import { recipeOfFamily, type FamilyId, type Recipe } from '../../core/physics/recipes/recipe';
import { RECIPES } from '../../core/physics/recipes/recipes';

/** A recipe of a family with a body about which nothing more is known than about the family. */
export function familyBuild(id: FamilyId, pairs = 1): CellBuild {
  const recipe = RECIPES[recipeOfFamily(id)];
  const [first] = recipe.bodies;
  const body: CellBody = { ...first, openVolts: null, resistivityShare: 1, reactionShare: 1 };
  return withPairs(cellBuild(recipe, body), pairs);
}

/** Its typical curve. */
export const familyModel = (id: FamilyId, pairs = 1): CellModel =>
  typicalModel(familyBuild(id, pairs));

/** A typical cell of a recipe, whole and of the usual size. */
export function usualCell(
  recipe: Recipe,
  body: CellBody = recipe.bodies[0],
  celsius = ROOM_CELSIUS,
): PlannedCell {
  return plannedCell(cellBuild(recipe, body), celsius);
}

/** A cell of a family with a curve of its own, of a class whose level is known. */
export function cellWithModel(model: CellModel, family: FamilyId = 'fruit'): PlannedCell {
  return ofKnownLevel({ ...plannedCell(familyBuild(family), ROOM_CELSIUS), model });
}

/** The same cell where an average one of the class is known exactly: only cells scatter. */
export function ofKnownLevel(cell: PlannedCell): PlannedCell {
  return { ...cell, belief: { ...cell.belief, level: { ampsLog: 0, voltsShare: 0 } } };
}
