import { RECIPES } from '../recipes/recipes';
import { z } from 'zod';
import { hasBody, RECIPE_IDS, UNKNOWN_BODY } from '../recipes/recipe';
import { LONGEST_STRING, MAX_CELLS } from './limits';

/** Thinner than any clip or drip: below it a network would be all shorts. */
const LEAST_OHMS = 1e-3;
const ohms = z
  .number('Give a resistance in ohms.')
  .min(LEAST_OHMS, 'A contact or a leak has at least 1 mΩ.')
  .max(1e9, 'Give at most 1 GΩ: more is no connection.');

const fault = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('reversed') }),
  z.strictObject({ kind: z.literal('open') }),
  z.strictObject({ kind: z.literal('poor-contact'), ohms }),
  z.strictObject({ kind: z.literal('weaker'), share: z.number().min(0.05).max(1) }),
  z.strictObject({ kind: z.literal('dry'), factor: z.number().min(1).max(1000) }),
  z.strictObject({ kind: z.literal('shorted'), ohms }),
  z.strictObject({ kind: z.literal('same-metal') }),
  z.strictObject({ kind: z.literal('rim-leak'), ohms }),
  z.strictObject({ kind: z.literal('drip'), over: z.number().int().min(2).max(60), ohms }),
]);

const deskCell = z.strictObject({
  kind: z.literal('cell'),
  mix: z
    .strictObject({
      recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
      body: z.string().min(1).max(40),
    })
    .refine(({ recipe, body }) => hasBody(RECIPES[recipe], body), UNKNOWN_BODY)
    .nullable()
    .describe('Another typical cell than the plan’s; null: the plan’s cell.'),
  faults: z.array(fault).max(8).describe('What-if: things that are wrong with this cell.'),
  sharedBody: z
    .string()
    .min(1)
    .max(40)
    .nullable()
    .describe('Cells with the same name here stick in one body; null: a body of its own.'),
});

const deskGroup = z.strictObject({
  kind: z.literal('group'),
  strings: z
    .array(z.array(deskCell).min(1, 'A string needs a cell.').max(LONGEST_STRING))
    .min(2, 'A group needs two strings.')
    .max(20, 'A group can have at most 20 strings.'),
});

/** A battery as it is laid out by hand: strings side by side, in each of them cells and groups of strings. */
export const deskArrangementSchema = z
  .strictObject({
    kind: z.literal('desk'),
    strings: z
      .array(
        z
          .array(z.discriminatedUnion('kind', [deskCell, deskGroup]))
          .min(1, 'A string needs a cell.')
          .max(LONGEST_STRING, `A string can have at most ${LONGEST_STRING} cells.`),
      )
      .min(1, 'There must be at least one string.')
      .max(MAX_CELLS),
    loadReversed: z.boolean().describe('What-if: the LED is the wrong way round.'),
  })
  .refine(({ strings }) => cellsIn(strings) <= MAX_CELLS, {
    path: ['strings'],
    message: `A battery can have at most ${MAX_CELLS} cells.`,
  });

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
