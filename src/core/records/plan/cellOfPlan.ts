import { beliefBeforeReading } from '../../physics/readings/cellBelief';
import { doubtsOfTrial, ownCell, trialReading } from '../../physics/readings/ownCell';
import { plannedCell, type PlannedCell } from '../../physics/readings/plannedCell';
import { cellBuild, type CellBuild } from '../../physics/recipes/cellBuild';
import { recipeOfOwn } from '../../physics/recipes/ownRecipe';
import { bodyOf, type Recipe } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { keepingLast } from '../../keepingLast';
import type { Plan } from './planSchema';

type OfCell = Pick<Plan, 'cell' | 'running' | 'meter'>;

/** The cells of as many plans, or of one and what was compared with it, stay known with all that was worked out of them. */
const MOST_CELLS = 16;

/** The plan's cell, finished, in the plan's room; the same object for an equal cell, however the plan came here. */
export const cellOfPlan = keepingLast(
  MOST_CELLS,
  ({ cell, running, meter }: OfCell) => JSON.stringify([cell, running.celsius, meter.shuntOhms]),
  finishedCell,
);

function finishedCell({ cell, running, meter }: OfCell): PlannedCell {
  const build = buildOfPlan(cell);
  const own = cell.own === null ? null : ownCell(cell.own, build, meter.shuntOhms);
  const { openVolts } = beliefBeforeReading(build, cell.school);
  const trials = cell.trialCells
    .filter((trial) => trial.counted && doubtsOfTrial(trial, build, meter.shuntOhms).length === 0)
    .map((trial) => trialReading(trial, build.recipe, openVolts, meter.shuntOhms));
  return plannedCell(build, running.celsius, { own, school: cell.school, trials });
}

/** How the plan's cell is built. */
export function buildOfPlan(cell: Plan['cell']): CellBuild {
  const recipe = recipeOfCell(cell);
  return cellBuild(recipe, bodyOf(recipe, cell.body), cell);
}

/** The recipe of the plan's cell: the educator's own, or the shipped one. */
export function recipeOfCell({
  recipe,
  ownRecipe,
}: Pick<Plan['cell'], 'recipe' | 'ownRecipe'>): Recipe {
  return ownRecipe === null ? RECIPES[recipe] : recipeOfOwn(ownRecipe.recipe);
}
