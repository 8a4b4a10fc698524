import { recipeOfCell } from '../plan/cellOfPlan';
import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { hierarchicalMean, type TwoScatters } from '../../numeric/hierarchicalMean';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { bodyOf } from '../../physics/recipes/recipe';
import type { SchoolFigures } from '../../physics/readings/schoolFigures';
import type { Plan } from '../plan/planSchema';
import { isOfKind, type SchoolCell, type SchoolKind, type SchoolState } from './schoolSchema';

/** A range is taken as two standard deviations to either side of the typical value. */
const DEVIATIONS_IN_RANGE = 4;
/** Levels of lessons differ by about half of what single cells do (from memory). */
const LESSON_SHARE = 0.5;

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
  { cells }: SchoolState,
  planCell: Pick<Plan['cell'], 'recipe' | 'ownRecipe' | 'body'>,
): SchoolFigures | null {
  const kind = kindOfPlanCell(planCell);
  const counted = cells.filter((cell) => cell.counted && isOfKind(cell, kind));
  if (counted.length === 0) return null;
  const recipe = recipeOfCell(planCell);
  const { typical } = recipe;
  const model = typicalModel(cellBuild(recipe, bodyOf(recipe, planCell.body)));
  const volts = hierarchicalMean(
    byLesson(counted, ({ openVolts }) => openVolts),
    {
      mean: model.emfVolts,
      deviation: (typical.openVoltsHigh - typical.openVoltsLow) / DEVIATIONS_IN_RANGE,
    },
    usualScatter(CLASS_SCATTER.emfShare * model.emfVolts),
  );
  const amps = byLesson(counted, ({ shortAmps }) =>
    shortAmps === null ? null : Math.log(shortAmps),
  );
  const current = hierarchicalMean(
    amps,
    {
      mean: Math.log(cellAmpsAt(model, 0)),
      deviation: Math.log(typical.shortAmpsHigh / typical.shortAmpsLow) / DEVIATIONS_IN_RANGE,
    },
    usualScatter(CLASS_SCATTER.resistanceLog),
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
export function withSchool(cell: Plan['cell'], school: SchoolState): Plan['cell'] {
  return { ...cell, school: figuresOfSchool(school, cell) };
}

function usualScatter(within: number): TwoScatters {
  return { within, between: LESSON_SHARE * within };
}

/** Cells by the lesson in which they were read: the same plan on another day is another lesson. */
export function lessonsOf<Cell extends Pick<SchoolCell, 'lesson' | 'day'>>(
  cells: readonly Cell[],
): Map<string, Cell[]> {
  const found = new Map<string, Cell[]>();
  for (const cell of cells) {
    const key = `${cell.day} ${cell.lesson}`;
    found.set(key, [...(found.get(key) ?? []), cell]);
  }
  return found;
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
