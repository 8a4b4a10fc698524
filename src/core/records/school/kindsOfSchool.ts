import { recipeOfCell } from '../plan/cellOfPlan';
import { findBody } from '../../physics/recipes/recipe';
import { mean, sampleDeviation } from '../../numeric/meanAndScatter';
import type { OwnRecipe } from '../../physics/recipes/ownRecipeSchema';
import type { SchoolFigures } from '../../physics/readings/schoolFigures';
import { capital } from '../../words';
import { figuresOfSchool, lessonsOf } from './figuresOfSchool';
import { groupedBy } from '../../groupedBy';
import { kindKey, type SchoolCell, type SchoolState } from './schoolSchema';

/** One lesson's cells of a kind. */
export interface SchoolLesson {
  readonly key: string;
  readonly day: string;
  readonly title: string;
  readonly cells: readonly SchoolCell[];
  /** Of the cells that count. */
  readonly count: number;
  /** Volts; `null` where none counts. */
  readonly mean: number | null;
  /** Standard deviation, volts; `null` with fewer than two. */
  readonly deviation: number | null;
  /** Geometric mean of the currents, amperes; `null` where none was read. */
  readonly shortAmps: number | null;
}

/** Cells with the same recipe, body and metals. */
export interface KindOfCells {
  readonly key: string;
  /** “Kiwi: copper strip and galvanised nail”. */
  readonly name: string;
  /** What the next plan is told; `null` where none counts, or its own recipe is gone. */
  readonly figures: SchoolFigures | null;
  /** Newest first. */
  readonly lessons: readonly SchoolLesson[];
}

/** The school's cells by kind, each by lesson. */
export function kindsOfSchool(
  school: Pick<SchoolState, 'cells'>,
  ownRecipes: readonly { readonly id: string; readonly recipe: OwnRecipe }[],
): KindOfCells[] {
  return [...groupedBy(school.cells, kindKey)]
    .map(([key, cells]): KindOfCells => {
      const { recipe, body, metals, ownRecipe: ownId } = cells[0]!;
      const ownRecipe = ownRecipes.find(({ id }) => id === ownId) ?? null;
      const isGone = ownId !== null && ownRecipe === null;
      const known = isGone ? null : findBody(recipeOfCell({ recipe, ownRecipe }), body);
      return {
        key,
        name: `${capital(known?.name ?? body)}: ${metals}`,
        figures: known === null ? null : figuresOfSchool({ cells }, { recipe, ownRecipe, body }),
        lessons: [...lessonsOf(cells)]
          .map(([key, ofLesson]) => lessonOf(key, ofLesson))
          .sort((a, b) => b.day.localeCompare(a.day)),
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

function lessonOf(key: string, cells: readonly SchoolCell[]): SchoolLesson {
  const counted = cells.filter((cell) => cell.counted);
  const volts = counted.map(({ openVolts }) => openVolts);
  const logs = counted.flatMap(({ shortAmps }) =>
    shortAmps === null ? [] : [Math.log(shortAmps)],
  );
  return {
    key,
    day: cells[0]?.day ?? '',
    title: cells[0]?.title ?? '',
    cells,
    count: counted.length,
    mean: volts.length === 0 ? null : mean(volts),
    deviation: sampleDeviation(volts),
    shortAmps: logs.length === 0 ? null : Math.exp(mean(logs)),
  };
}
