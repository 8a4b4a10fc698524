import { cellFromReadings } from '../chemistry/cellFromReadings';
import type { CellModel } from '../chemistry/cellModel';
import { geometryOf, type ElectrodeSize } from '../chemistry/electrodeSize';
import { familyCell, familyOf } from '../chemistry/families';
import { bodyOf, RECIPES } from '../chemistry/recipes';
import type { CellBody, Recipe } from '../chemistry/recipe';
import { CURRENT_RANGE_FACTS } from '../circuit/meter';
import type { OwnReadings, Plan } from './planSchema';

/** The plan's one cell, and where its figures come from. */
export interface PlannedCell {
  readonly recipe: Recipe;
  readonly body: CellBody;
  readonly model: CellModel;
  /** `typical`: the recipe's usual values; `own`: the educator's readings replace them. */
  readonly origin: 'typical' | 'own';
}

/** Own readings beat the recipe's typical values. Readings that contradict themselves leave the typical values. */
export function cellOfPlan(plan: Pick<Plan, 'cell'>): PlannedCell {
  const recipe = RECIPES[plan.cell.recipe];
  const body = bodyOf(recipe, plan.cell.body);
  const own = plan.cell.own === null ? null : cellOfOwnReadings(plan.cell.own);
  return own !== null && own.ok
    ? { recipe, body, model: own.value, origin: 'own' }
    : { recipe, body, model: typicalCell(recipe, body, plan.cell.size), origin: 'typical' };
}

/** One cell with this body, of the recipe's usual size or another, from the family's physics. */
export function typicalCell(
  recipe: Recipe,
  body: CellBody,
  size: ElectrodeSize | null = null,
): CellModel {
  const { chemistry, geometry: usual } = familyOf(recipe.family);
  const geometry = size === null ? usual : geometryOf(size, usual.contactOhms);
  const emfVolts = body.openVolts ?? chemistry.emfVolts;
  const resistivityOhmMetres = chemistry.resistivityOhmMetres * (body.resistivityShare ?? 1);
  return familyCell({ chemistry: { ...chemistry, emfVolts, resistivityOhmMetres }, geometry });
}

/** Cell from the readings as the plan stores them; fails where volts, current and range contradict each other. */
export function cellOfOwnReadings(own: OwnReadings): ReturnType<typeof cellFromReadings> {
  return cellFromReadings({
    openVolts: own.openCircuitVolts,
    shortAmps: own.shortCircuitAmps,
    shuntOhms: CURRENT_RANGE_FACTS[own.meterRange].shuntOhms,
  });
}
