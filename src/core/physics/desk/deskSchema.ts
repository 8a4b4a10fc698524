import { RECIPES } from '../recipes/recipes';
import * as z from 'zod/mini';
import { hasBody, RECIPE_IDS, UNKNOWN_BODY } from '../recipes/recipe';
import { LONGEST_STRING, MAX_CELLS } from './limits';

/** Thinner than any clip or drip: below it a network would be all shorts. */
const LEAST_OHMS = 1e-3;
const ohms = z
  .number('Give a resistance in ohms.')
  .check(
    z.minimum(LEAST_OHMS, 'A contact or a leak has at least 1 mΩ.'),
    z.maximum(1e9, 'Give at most 1 GΩ: more is no connection.'),
  );

const fault = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reversed') }),
  z.strictObject({ kind: z.literal('open') }),
  z.strictObject({ kind: z.literal('poor-contact'), ohms }),
  z.strictObject({
    kind: z.literal('weaker'),
    share: z.number().check(z.minimum(0.05), z.maximum(1)),
  }),
  z.strictObject({
    kind: z.literal('dry'),
    factor: z.number().check(z.minimum(1), z.maximum(1000)),
  }),
  z.strictObject({ kind: z.literal('shorted'), ohms }),
  z.strictObject({ kind: z.literal('same-metal') }),
  z.strictObject({ kind: z.literal('rim-leak'), ohms }),
  z.strictObject({
    kind: z.literal('drip'),
    over: z.int().check(z.minimum(2), z.maximum(60)),
    ohms,
  }),
]);

const deskCell = z.strictObject({
  kind: z.literal('cell'),
  mix: z
    .nullable(
      z
        .strictObject({
          recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
          body: z.string().check(z.minLength(1), z.maxLength(40)),
        })
        .check(z.refine(({ recipe, body }) => hasBody(RECIPES[recipe], body), UNKNOWN_BODY)),
    )
    .check(z.describe('Another typical cell than the plan’s; null: the plan’s cell.')),
  faults: z
    .array(fault)
    .check(z.maxLength(8), z.describe('What-if: things that are wrong with this cell.')),
  sharedBody: z
    .nullable(z.string().check(z.minLength(1), z.maxLength(40)))
    .check(z.describe('Cells with the same name here stick in one body; null: a body of its own.')),
});

const deskGroup = z.strictObject({
  kind: z.literal('group'),
  strings: z
    .array(
      z
        .array(deskCell)
        .check(z.minLength(1, 'A string needs a cell.'), z.maxLength(LONGEST_STRING)),
    )
    .check(
      z.minLength(2, 'A group needs two strings.'),
      z.maxLength(20, 'A group can have at most 20 strings.'),
    ),
});

/** A battery as it is laid out by hand: strings side by side, in each of them cells and groups of strings. */
export const deskArrangementSchema = z
  .strictObject({
    kind: z.literal('desk'),
    strings: z
      .array(
        z
          .array(z.discriminatedUnion('kind', [deskCell, deskGroup]))
          .check(
            z.minLength(1, 'A string needs a cell.'),
            z.maxLength(LONGEST_STRING, `A string can have at most ${LONGEST_STRING} cells.`),
          ),
      )
      .check(z.minLength(1, 'There must be at least one string.'), z.maxLength(MAX_CELLS)),
    loadReversed: z.boolean().check(z.describe('What-if: the LED is the wrong way round.')),
  })
  .check(
    z.refine(({ strings }) => cellsIn(strings) <= MAX_CELLS, {
      path: ['strings'],
      message: `A battery can have at most ${MAX_CELLS} cells.`,
    }),
  );

export type DeskArrangement = z.infer<typeof deskArrangementSchema>;
export type DeskItem = DeskArrangement['strings'][number][number];
export type DeskCell = Extract<DeskItem, { kind: 'cell' }>;
export type DeskGroup = Extract<DeskItem, { kind: 'group' }>;

/** Number of cells in strings, groups counted through. */
export function cellsIn(strings: readonly (readonly Countable[])[]): number {
  let cells = 0;
  for (const items of strings) {
    for (const item of items) cells += item.kind === 'cell' ? 1 : cellsIn(item.strings);
  }
  return cells;
}

type Countable =
  | { readonly kind: 'cell' }
  | { readonly kind: 'group'; readonly strings: readonly (readonly { readonly kind: 'cell' }[])[] };

/** A sound cell of the plan. */
export const PLAIN_CELL: DeskCell = { kind: 'cell', mix: null, faults: [], sharedBody: null };
