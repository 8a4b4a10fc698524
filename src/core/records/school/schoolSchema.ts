import { z } from 'zod';
import { RECIPE_IDS } from '../../physics/recipes/recipe';

const MAX_CELLS_KEPT = 20_000;

const name = (most: number) => z.string().min(1).max(most);

/** One cell that a class read, as it counts among the school's own figures: brought to one pair of the usual size. */
export const schoolCellSchema = z.strictObject({
  id: name(200).describe('The same cell of the same lesson is kept once.'),
  recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
  ownRecipe: name(60)
    .nullable()
    .describe('Id of the educator’s own recipe; null: the shipped one.'),
  body: name(40),
  metals: name(200).describe('The two electrodes.'),
  lesson: name(60).describe('Id of the plan.'),
  title: z.string().max(80),
  day: z.iso.date(),
  group: name(60),
  string: z.number().int().min(1).max(200),
  cell: z.number().int().min(1).max(200),
  openVolts: z.number().positive().max(5).describe('At room temperature.'),
  shortAmps: z
    .number()
    .positive()
    .max(10)
    .nullable()
    .describe('Without the meter, of one usual pair at room temperature.'),
  counted: z.boolean().describe('false: taken out, kept for the record.'),
});
export type SchoolCell = z.infer<typeof schoolCellSchema>;

/** How a lesson ended against what had been promised. */
export const lessonScoreSchema = z.strictObject({
  lesson: name(60).describe('Id of the plan.'),
  title: z.string().max(80),
  day: z.iso.date(),
  promised: z.number().min(0).max(1).describe('Share of classes, as the plan said then.'),
  batteries: z.number().int().min(1).max(1000).describe('That were answered for.'),
  lit: z.number().int().min(0).max(1000),
});
export type LessonScore = z.infer<typeof lessonScoreSchema>;

/** Every cell whose readings the teachers let flow into the school's figures, and how its lessons ended. */
export const schoolSchema = z.strictObject({
  cells: z.array(schoolCellSchema).max(MAX_CELLS_KEPT),
  scores: z.array(lessonScoreSchema).max(MAX_CELLS_KEPT),
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
