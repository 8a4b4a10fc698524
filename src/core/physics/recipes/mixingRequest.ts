import * as z from 'zod/mini';
import { ELECTROLYTES, MIXING_SPARE_SHARE } from './mixingBench';

const MAX_CELLS_MIXED = 1000;
const MAX_MILLILITRES = 2000;

/** How the amount is given: for each cell, for each group, or in all. */
export const AMOUNTS_BY = ['cells', 'groups', 'litres'] as const;

/** What the mixing bench is asked. */
export const mixingRequestSchema = z.strictObject({
  electrolyte: z.enum(ELECTROLYTES, 'Choose one of the electrolytes.'),
  by: z.enum(AMOUNTS_BY, 'Choose how the amount is given.'),
  cells: z
    .number('Give a whole number.')
    .check(
      z.int('Give a whole number.'),
      z.minimum(1, 'There must be at least one cell.'),
      z.maximum(MAX_CELLS_MIXED, `There can be at most ${MAX_CELLS_MIXED} cells.`),
    ),
  millilitres: z
    .number('Give a volume in millilitres.')
    .check(
      z.positive('The volume must be greater than zero.'),
      z.maximum(MAX_MILLILITRES, `Give at most ${MAX_MILLILITRES} mL.`),
    ),
  groups: z
    .number('Give a whole number.')
    .check(
      z.int('Give a whole number.'),
      z.minimum(1, 'There must be at least one group.'),
      z.maximum(200, 'There can be at most 200 groups.'),
    ),
  groupMillilitres: z
    .number('Give a volume in millilitres.')
    .check(
      z.positive('The volume must be greater than zero.'),
      z.maximum(10_000, 'Give at most 10000 mL a group.'),
    ),
  litres: z
    .number('Give a volume in litres.')
    .check(
      z.positive('The volume must be greater than zero.'),
      z.maximum(100, 'Give at most 100 L.'),
    ),
  strength: z
    .number('Give a number.')
    .check(
      z.minimum(0.1, 'Give at least a tenth of the usual strength.'),
      z.maximum(4, 'Give at most four times the usual strength.'),
      z.describe('Strength against the usual one.'),
    ),
});
export type MixingRequest = z.infer<typeof mixingRequestSchema>;

/** Liquid that is asked for, mL: with something to spare for cells and groups, what is given in litres as it is. */
export function millilitresOf(request: Omit<MixingRequest, 'electrolyte' | 'strength'>): number {
  const { by, cells, millilitres, groups, groupMillilitres, litres } = request;
  if (by === 'litres') return 1000 * litres;
  const wanted = by === 'cells' ? cells * millilitres : groups * groupMillilitres;
  return wanted * (1 + MIXING_SPARE_SHARE);
}
