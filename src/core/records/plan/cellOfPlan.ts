import { cellInWarmth } from '../../physics/chemistry/cellInWarmth';
import type { CellModel } from '../../physics/chemistry/cellModel';
import type { ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import { leakyCell } from '../../physics/chemistry/leakyCell';
import { bodyInPieces, pieceOf } from '../../physics/chemistry/pieces';
import { ownCell } from '../../physics/chemistry/ownCell';
import { recipeOfOwn } from '../../physics/chemistry/ownRecipe';
import {
  electrolyteShareOf,
  shareOfOnePair,
  typicalCell,
  type PlannedCell,
} from '../../physics/chemistry/plannedCell';
import {
  shortAmpsOf,
  stretchedCell,
  type SchoolFigures,
} from '../../physics/chemistry/schoolFigures';
import type { CellBody, Recipe } from '../../physics/chemistry/recipe';
import { bodyOf, RECIPES } from '../../physics/chemistry/recipes';
import type { Plan } from './planSchema';

/**
 * Own readings beat what the school has read of such cells, and that beats the recipe's typical values. Doubtful ones wait until the educator keeps or mends them. Readings and
 * typical values are of cells at room temperature; the cell is that of the plan's room.
 */
export function cellOfPlan({
  cell,
  running,
  meter,
}: Pick<Plan, 'cell' | 'running' | 'meter'>): PlannedCell {
  const recipe =
    cell.ownRecipe === null ? RECIPES[cell.recipe] : recipeOfOwn(cell.ownRecipe.recipe);
  const body = bodyOf(recipe, cell.body);
  const piece = pieceOf(cell.piece, body.id, recipe.look);
  const own = cell.own === null ? null : ownCell(cell.own, recipe, meter.shuntOhms);
  const { celsius } = running;
  const used = own?.status === 'used';
  const model = used
    ? withMoreElectrodes(own.model, recipe, body, cell.size)
    : typicalOrSchools(cell.school, recipe, body, typicalCell(recipe, body, cell.size, piece));
  const share = electrolyteShareOf(recipe, body, cell.size, piece);
  // One cell that was read alone had no neighbour to leak to: the pile's rims come on top.
  const inStack = recipe.look === 'pile' ? leakyCell(model, cell.overhangMillimetres) : model;
  return {
    recipe,
    body: bodyInPieces(body, piece),
    piece,
    model: cellInWarmth(inStack, share, celsius),
    origin: used ? 'own' : cell.school === null ? 'typical' : 'school',
    school: cell.school,
    own,
    celsius,
    pairs: cell.size?.pairs ?? 1,
    minusElectrodes: (cell.size?.pairs ?? 1) + (cell.size?.extraMinus ?? 0),
  };
}

/** The recipe's cell of any size, as what the school has read of the usual one stretches it. */
function typicalOrSchools(
  school: SchoolFigures | null,
  recipe: Recipe,
  body: CellBody,
  model: CellModel,
): CellModel {
  return school === null
    ? model
    : stretchedCell(model, shortAmpsOf(typicalCell(recipe, body)), school);
}

/** Readings are of one pair: more electrodes in the same body share its resistance as they would in a typical cell. */
function withMoreElectrodes(
  model: CellModel,
  recipe: Recipe,
  body: CellBody,
  size: ElectrodeSize | null,
): CellModel {
  const share = shareOfOnePair(recipe, body, size);
  if (size === null || share === 1) return model;
  const plus = size.pairs + size.extraPlus;
  const { activation, limitingAmps } = model;
  return {
    ...model,
    resistanceOhms: model.resistanceOhms * share,
    activation:
      activation === undefined
        ? undefined
        : { ...activation, exchangeAmps: activation.exchangeAmps * plus },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * plus,
  };
}
