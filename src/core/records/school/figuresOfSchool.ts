import { recipeOfCell } from '../plan/cellOfPlan';
import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { hierarchicalMean } from '../../numeric/hierarchicalMean';
import { CELL_SPREAD, levelsOfRecipe } from '../../physics/readings/cellBelief';
import { bodyOf } from '../../physics/recipes/recipe';
import type { SchoolFigures } from '../../physics/readings/schoolFigures';
import type { Plan } from '../plan/planSchema';
import { groupedBy } from '../../groupedBy';
import { kindKey, type SchoolCell, type SchoolKind, type SchoolState } from './schoolSchema';

/** Which of the school's cells are like the plan's. */
export function kindOfPlanCell(
  cell: Pick<Plan['cell'], 'recipe' | 'ownRecipe' | 'body'>,
): SchoolKind {
  const { plus, minus } = recipeOfCell(cell);
  return {
    recipe: cell.recipe,
    ownRecipe: cell.ownRecipe?.id ?? null,
    body: cell.body,
    metals: `${plus.part} and ${minus.part}`,
  };
}

/**
 * What the school's cells of this kind say, weighed against the recipe's range by their number: volts as they are,
 * currents by their logarithm. `null` where none counts.
 */
export function figuresOfSchool(
  { cells }: Pick<SchoolState, 'cells'>,
  planCell: Pick<Plan['cell'], 'recipe' | 'ownRecipe' | 'body'>,
): SchoolFigures | null {
  const kind = kindOfPlanCell(planCell);
  const counted = cells.filter((cell) => cell.counted && kindKey(cell) === kindKey(kind));
  if (counted.length === 0) return null;
  const recipe = recipeOfCell(planCell);
  const build = cellBuild(recipe, bodyOf(recipe, planCell.body));
  const model = typicalModel(build);
  const levels = levelsOfRecipe(build);
  const volts = hierarchicalMean(
    byLesson(counted, ({ openVolts }) => openVolts),
    {
      mean: model.emfVolts,
      deviation: levels.voltsShare * model.emfVolts,
    },
    {
      within: CELL_SPREAD.voltsShare * model.emfVolts,
      between: levels.voltsShare * model.emfVolts,
    },
  );
  const amps = byLesson(counted, ({ shortAmps }) =>
    shortAmps === null ? null : Math.log(shortAmps),
  );
  const current = hierarchicalMean(
    amps,
    {
      mean: Math.log(cellAmpsAt(model, 0)),
      deviation: levels.ampsLog,
    },
    { within: CELL_SPREAD.ampsLog, between: levels.ampsLog },
  );
  return {
    cells: counted.length,
    lessons: lessonsOf(counted).size,
    openCircuitVolts: { mean: volts.mean, deviation: volts.oneDeviation },
    shortCircuitAmps:
      amps.length === 0
        ? null
        : { mean: Math.exp(current.mean), logDeviation: current.oneDeviation },
  };
}

/** A plan's cell with what the school has read of such cells. */
export function withSchool(cell: Plan['cell'], school: Pick<SchoolState, 'cells'>): Plan['cell'] {
  return { ...cell, school: figuresOfSchool(school, cell) };
}

/** Cells by the lesson in which they were read: the same plan on another day is another lesson. */
export function lessonsOf<Cell extends Pick<SchoolCell, 'lesson' | 'day'>>(
  cells: readonly Cell[],
): Map<string, Cell[]> {
  return groupedBy(cells, ({ day, lesson }) => `${day} ${lesson}`);
}

function byLesson(
  cells: readonly SchoolCell[],
  valueOf: (cell: SchoolCell) => number | null,
): number[][] {
  return [...lessonsOf(cells).values()]
    .map((ofLesson) =>
      ofLesson.flatMap((cell) => {
        const value = valueOf(cell);
        return value === null ? [] : [value];
      }),
    )
    .filter(({ length }) => length > 0);
}
