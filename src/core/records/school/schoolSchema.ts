import * as z from 'zod/mini';
import { RECIPE_IDS } from '../../physics/recipes/recipe';

const MAX_CELLS_KEPT = 20_000;

const name = (most: number) => z.string().check(z.minLength(1), z.maxLength(most));

/** One cell that a class read, as it counts among the school's own figures: brought to one pair of the usual size. */
export const schoolCellSchema = z.strictObject({
  id: name(200).check(z.describe('The same cell of the same lesson is kept once.')),
  recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
  ownRecipe: z
    .nullable(name(60))
    .check(z.describe('Id of the educator’s own recipe; null: the shipped one.')),
  body: name(40),
  metals: name(200).check(z.describe('The two electrodes.')),
  lesson: name(60).check(z.describe('Id of the plan.')),
  title: z.string().check(z.maxLength(80)),
  day: z.iso.date(),
  group: name(60),
  string: z.int().check(z.minimum(1), z.maximum(200)),
  cell: z.int().check(z.minimum(1), z.maximum(200)),
  openVolts: z.number().check(z.positive(), z.maximum(5), z.describe('At room temperature.')),
  shortAmps: z
    .nullable(z.number().check(z.positive(), z.maximum(10)))
    .check(z.describe('Without the meter, of one usual pair at room temperature.')),
  counted: z.boolean().check(z.describe('false: taken out, kept for the record.')),
});
export type SchoolCell = z.infer<typeof schoolCellSchema>;

/** How a lesson ended against what had been promised. */
export const lessonScoreSchema = z.strictObject({
  lesson: name(60).check(z.describe('Id of the plan.')),
  title: z.string().check(z.maxLength(80)),
  day: z.iso.date(),
  promised: z
    .number()
    .check(z.minimum(0), z.maximum(1), z.describe('Share of classes, as the plan said then.')),
  batteries: z.int().check(z.minimum(1), z.maximum(1000), z.describe('That were answered for.')),
  lit: z.int().check(z.minimum(0), z.maximum(1000)),
});
export type LessonScore = z.infer<typeof lessonScoreSchema>;

/** Every cell whose readings the teachers let flow into the school's figures, and how its lessons ended. */
export const schoolSchema = z.strictObject({
  cells: z.array(schoolCellSchema).check(z.maxLength(MAX_CELLS_KEPT)),
  scores: z.array(lessonScoreSchema).check(z.maxLength(MAX_CELLS_KEPT)),
});
export type SchoolState = z.infer<typeof schoolSchema>;

export const EMPTY_SCHOOL: SchoolState = { cells: [], scores: [] };

/** What makes cells comparable: recipe, body and metals. */
export type SchoolKind = Pick<SchoolCell, 'recipe' | 'ownRecipe' | 'body' | 'metals'>;

/** The same for cells of one kind. */
export function kindKey({ recipe, ownRecipe, body, metals }: SchoolKind): string {
  return [recipe, ownRecipe ?? '', body, metals].join('\n');
}

/** The school's cells with others added; one that is there already is replaced. */
export function withCells(school: SchoolState, more: readonly SchoolCell[]): SchoolState {
  const byId = new Map(school.cells.map((cell) => [cell.id, cell]));
  for (const cell of more) byId.set(cell.id, cell);
  return { ...school, cells: [...byId.values()] };
}

/** With one cell counted or taken out. */
export function withCounted(school: SchoolState, id: string, counted: boolean): SchoolState {
  return {
    ...school,
    cells: school.cells.map((cell) => (cell.id === id ? { ...cell, counted } : cell)),
  };
}
