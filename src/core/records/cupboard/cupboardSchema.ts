import { z } from 'zod';
import { PART_IDS, PARTS, type PartId } from './parts';

const amount = z
  .number('Give a number.')
  .min(0, 'There cannot be fewer than none.')
  .max(1_000_000, 'That is more than a cupboard holds.');

export const cupboardEntrySchema = z.strictObject({
  stock: amount.describe('Units of the part in the cupboard.'),
  pack: amount
    .positive('A pack must hold something.')
    .describe('Units that the shop sells together.'),
  packPrice: z
    .number('Give a price.')
    .min(0, 'A price cannot be negative.')
    .max(1_000_000, 'That is more than a cupboard holds.')
    .describe('Price of that pack.'),
});
export type CupboardEntry = z.infer<typeof cupboardEntrySchema>;

const partId = z.enum(PART_IDS as [PartId, ...PartId[]], 'This part is not known.');

/** What was taken out for a lesson, so that what comes back can be put back. */
const taken = z.strictObject({
  planId: z.string().min(1).max(60),
  title: z.string().max(80),
  takenAt: z.iso.datetime(),
  parts: z.partialRecord(partId, amount),
});
export type TakenOut = z.infer<typeof taken>;

/** The cupboard: stock and prices where they differ from the catalogue, and what is out for lessons. */
export const cupboardSchema = z.strictObject({
  currency: z
    .string()
    .trim()
    .max(6, 'Give at most six characters.')
    .describe('Shown beside prices.'),
  entries: z.partialRecord(partId, cupboardEntrySchema),
  taken: z.array(taken).max(200),
});
export type CupboardState = z.infer<typeof cupboardSchema>;

export const EMPTY_CUPBOARD: CupboardState = { currency: '', entries: {}, taken: [] };

/** Stock, pack and price of a part: the educator's own, else the catalogue's. */
export function entryOf(cupboard: Pick<CupboardState, 'entries'>, part: PartId): CupboardEntry {
  const { pack, packPrice } = PARTS[part];
  return cupboard.entries[part] ?? { stock: 0, pack, packPrice };
}

/** The cupboard with one entry changed. */
export function withEntry(
  cupboard: CupboardState,
  part: PartId,
  change: Partial<CupboardEntry>,
): CupboardState {
  return {
    ...cupboard,
    entries: { ...cupboard.entries, [part]: { ...entryOf(cupboard, part), ...change } },
  };
}
