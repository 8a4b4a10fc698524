import { gridDesk } from '../../physics/desk/desk';
import { plannedCell, type PlannedCell } from '../../physics/readings/plannedCell';
import { cellBuild, typicalModel } from '../../physics/recipes/cellBuild';
import { cautionsOfCell, RECIPE_IDS, type Recipe } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { type CautionId, cautionIdsOfBattery } from '../../physics/safety/cautions';
import type { Plan } from '../../records/plan/planSchema';
import { lessonPlan, timeInLesson, type TimeInLesson } from '../lesson/lessonPlan';
import { loadParts } from '../parts/partOfTarget';
import type { Prices } from '../parts/priceOfBill';
import { comparisonOf, orderOf, planBatteries, PLANNER_DEFAULTS } from '../search/planBatteries';
import type { BatteryCandidate } from '../search/plannerTypes';
import { requirementOfPlan } from '../search/requirementOfPlan';
import { evaluatePlan } from './evaluatePlan';

/** One type of cell and the best battery of it for a wish. */
export interface CellTypeRow {
  readonly recipe: Recipe;
  /** It is the plan’s own type, with its own cell. */
  readonly isPlans: boolean;
  /** The body that is told, and others of the type that read just like it. */
  readonly bodies: readonly string[];
  /** Of the cell, and of as many as the battery has. */
  readonly cautions: readonly CautionId[];
  /** `null`: no battery of it does; then `why` says why. */
  readonly battery: TypeBattery | null;
  readonly why: string;
}

export interface TypeBattery extends BatteryCandidate {
  /** In the plan’s lesson; `null` where an adult builds it. */
  readonly lesson: TimeInLesson | null;
}

/** All types of cells for a plan’s wish, one row each: the plan’s own cell, and of every other type the body that takes least. */
export function cellTypes(plan: Plan, prices: Prices): CellTypeRow[] {
  const own = evaluatePlan(plan).cell;
  return RECIPE_IDS.map((id) => {
    const isPlans = id === own.recipe.id;
    const cells = isPlans ? [own] : cellsThatDiffer(RECIPES[id], own.celsius);
    const { candidates, impossible } = planBatteries({
      ...PLANNER_DEFAULTS,
      ...requirementOfPlan(plan),
      cells,
      objective: 'least-to-buy',
      supply: { prices, have: null, load: loadParts(plan.target) },
      mostPrice: null,
      mostCandidates: 1,
      mayCut: own.belief.cellsRead === 0 || !isPlans,
    });
    const [best] = candidates;
    const cell = best?.cell ?? cells[0] ?? own;
    return {
      recipe: cell.recipe,
      isPlans,
      bodies: bodiesLike(cell),
      cautions: [...new Set([...cautionsOfCell(cell.recipe, cell.body), ...ofBattery(best)])],
      battery: best === undefined ? null : { ...best, lesson: inLesson(best, plan.lesson) },
      why: best === undefined ? (impossible[0]?.explanation ?? '') : '',
    };
  });
}

/** Rows as they are shown first: what does it, by what orders it, then what does not. */
export function inOrder(rows: readonly CellTypeRow[]): CellTypeRow[] {
  const batteries = rows.flatMap(({ battery }) => (battery === null ? [] : [battery]));
  const compare = comparisonOf(orderOf('least-to-buy', batteries));
  return [...rows].sort(
    (a, b) =>
      Number(a.battery === null) - Number(b.battery === null) ||
      (a.battery === null || b.battery === null ? 0 : compare(a.battery, b.battery)),
  );
}

/** What many of a cell in series and side by side are warned of besides. */
function ofBattery(best: BatteryCandidate | undefined): CautionId[] {
  if (best === undefined) return [];
  return cautionIdsOfBattery(best.openVolts, best.strings * best.cell.belief.shortAmps);
}

function inLesson(
  { cell, cellsInSeries, strings, openVolts }: BatteryCandidate,
  lesson: Plan['lesson'],
): TimeInLesson | null {
  return timeInLesson(
    lessonPlan(lesson, gridDesk(cell, cellsInSeries, strings), openVolts),
    lesson,
  );
}

/** One cell of each body that reads like no other of its recipe. */
function cellsThatDiffer(recipe: Recipe, celsius: number): PlannedCell[] {
  const byReading = new Map<string, PlannedCell>();
  for (const body of recipe.bodies) {
    const build = cellBuild(recipe, body);
    const key = JSON.stringify(typicalModel(build));
    if (!byReading.has(key)) byReading.set(key, plannedCell(build, celsius));
  }
  return [...byReading.values()];
}

function bodiesLike({ recipe, body: { id } }: PlannedCell): string[] {
  const readingOf = (one: string): string => {
    const body = recipe.bodies.find((other) => other.id === one);
    return body === undefined ? '' : JSON.stringify(typicalModel(cellBuild(recipe, body)));
  };
  const alike = recipe.bodies.filter((one) => readingOf(one.id) === readingOf(id));
  return alike.sort((a, b) => Number(b.id === id) - Number(a.id === id)).map(({ name }) => name);
}
