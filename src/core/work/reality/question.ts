import { cellBuild } from '../../physics/recipes/cellBuild';
import { ROOM_CELSIUS } from '../../constants';
import * as z from 'zod/mini';
import { bodyOf, hasBody, RECIPE_IDS, UNKNOWN_BODY } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { type PlannedCell, plannedCell } from '../../physics/readings/plannedCell';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import type { CautionId } from '../../physics/safety/cautions';
import { cellFigures } from './cellFigures';
import { CLAIM_IDS, testClaim } from './claims';
import { EXAMPLE_WISHES } from './exampleWishes';
import type { WorkedSolution } from './workedSolution';
import { type Running, USUAL_RUNNING } from '../../records/plan/runningSchema';
import { MOST_ASKED, wouldDo } from './wouldDo';
import { workOutWish } from './workOutWish';
import { wishesSchema, wishSchema } from '../../records/plan/wishSchema';

/** Would so many do? */
export const cellsAsked = z.optional(
  z.int('Give a whole number.').check(z.minimum(1, 'Give at least one.'), z.maximum(MOST_ASKED)),
);

/** What is asked: one of the examples, an own wish, or whether a claim is so. */
export const questionSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('example'),
    id: z.enum(EXAMPLE_WISHES.map(({ id }) => id) as [string, ...string[]]),
    would: cellsAsked,
  }),
  z.strictObject({ kind: z.literal('own'), wish: wishSchema, would: cellsAsked }),
  z.strictObject({ kind: z.literal('claim'), id: z.enum(CLAIM_IDS) }),
]);
export type Question = z.infer<typeof questionSchema>;

/** The bench of the reality check beside the plans: of which cell it is asked, and the own wishes. */
export const realityBenchSchema = z
  .strictObject({
    recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
    body: z.string().check(z.minLength(1), z.maxLength(40)),
    wishes: wishesSchema,
  })
  .check(z.refine(({ recipe, body }) => hasBody(RECIPES[recipe], body), UNKNOWN_BODY));
export type RealityBench = z.infer<typeof realityBenchSchema>;

export const USUAL_REALITY: RealityBench = {
  recipe: 'copper-zinc-fruit',
  body: 'kiwi',
  wishes: [],
};

/** The usual cell of a recipe, for questions that belong to no plan. */
export function typicalPlannedCell({
  recipe: id,
  body: bodyId,
}: Pick<RealityBench, 'recipe' | 'body'>): PlannedCell {
  const recipe = RECIPES[id];
  return plannedCell(cellBuild(recipe, bodyOf(recipe, bodyId)), ROOM_CELSIUS);
}

/** Own wishes come without cautions of their own; what never may be wired is said with each. */
const OWN_CAUTIONS: readonly CautionId[] = ['devices'];

export function answerOf(
  asked: Question,
  cell: PlannedCell,
  cupboard: Pick<CupboardState, 'entries' | 'currency'>,
  running: Running = USUAL_RUNNING,
): WorkedSolution {
  if (asked.kind === 'claim') return testClaim(asked.id, cell);
  const { wish, cautions } =
    asked.kind === 'own'
      ? { wish: asked.wish, cautions: OWN_CAUTIONS }
      : EXAMPLE_WISHES.find(({ id }) => id === asked.id)!;
  const figures = cellFigures(cell, cupboard, running);
  return asked.would === undefined
    ? workOutWish(figures, wish, cautions, cupboard.currency)
    : wouldDo(figures, wish, asked.would, cautions);
}
