import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { PART_IDS, PARTS, type PartId } from '../../physics/recipes/parts';

const amount = z
  .number('Give a number.')
  .check(
    z.minimum(0, 'Cannot be negative.'),
    z.maximum(1_000_000, 'That is more than a cupboard holds.'),
  );

export const cupboardEntrySchema = z.strictObject({
  stock: amount.check(z.describe('Units of the part in the cupboard.')),
  pack: amount.check(
    z.positive('A pack must hold something.'),
    z.describe('Units that the shop sells together.'),
  ),
  packPrice: z
    .nullable(
      z
        .number('Give a price.')
        .check(
          z.minimum(0, 'A price cannot be negative.'),
          z.maximum(1_000_000, 'That is more than a cupboard holds.'),
        ),
    )
    .check(z.describe('Price of that pack; null: not known.')),
});
export type CupboardEntry = z.infer<typeof cupboardEntrySchema>;

const partId = z.enum(PART_IDS as [PartId, ...PartId[]], 'This part is not known.');

/** What was taken out for a lesson, so that what comes back can be put back. */
const taken = z.strictObject({
  planId: z.string().check(z.minLength(1), z.maxLength(60)),
  title: z.string().check(z.maxLength(80)),
  takenAt: z.iso.datetime(),
  parts: z.partialRecord(partId, amount),
});
export type TakenOut = z.infer<typeof taken>;

/** Days on which nobody is at school, first and last among them. */
export const freeDaysSchema = z
  .strictObject({
    from: z.iso.date('Give the first day as year-month-day.'),
    to: z.iso.date('Give the last day as year-month-day.'),
  })
  .check(
    z.refine(({ from, to }) => from <= to, {
      path: ['to'],
      message: 'The last free day must not be before the first.',
    }),
  );
export type FreeDays = Readonly<z.infer<typeof freeDaysSchema>>;

export const MOST_FREE_DAYS = 60;

/** The cupboard: stock and prices where they differ from the catalogue, and what is out for lessons. */
export const cupboardSchema = z.strictObject({
  currency: z
    .string()
    .check(
      z.overwrite(plainLine),
      z.maxLength(6, 'Give at most six characters.'),
      z.describe('Shown beside prices.'),
    ),
  entries: z.partialRecord(partId, cupboardEntrySchema),
  taken: z.array(taken).check(z.maxLength(200)),
  freeDays: z
    .array(freeDaysSchema)
    .check(
      z.maxLength(MOST_FREE_DAYS, `Give at most ${MOST_FREE_DAYS} times without school.`),
      z.describe('Holidays: nothing is planned on them.'),
    ),
  rules: z
    ._default(z.string().check(z.trim(), z.maxLength(400)), '')
    .check(z.describe('The school’s own rules, printed on every sheet.')),
});
export type CupboardState = z.infer<typeof cupboardSchema>;

export const EMPTY_CUPBOARD: CupboardState = {
  currency: '',
  entries: {},
  taken: [],
  freeDays: [],
  rules: '',
};

/** Stock, pack and price of a part: the educator's own; else none, the catalogue's pack, and no price. */
export function entryOf(cupboard: Pick<CupboardState, 'entries'>, part: PartId): CupboardEntry {
  return cupboard.entries[part] ?? { stock: 0, pack: PARTS[part].pack, packPrice: null };
}

/** So many of each part as are in stock; parts of which there is none are left out. */
export function stockOf(
  { entries }: Pick<CupboardState, 'entries'>,
  wanted: (part: PartId) => boolean,
): Partial<Record<PartId, number>> {
  return Object.fromEntries(
    PART_IDS.flatMap((part) => {
      const stock = entries[part]?.stock ?? 0;
      return stock > 0 && wanted(part) ? [[part, stock]] : [];
    }),
  );
}

/** The cupboard with the catalogue's round figures as prices where none is set. */
export function withGuidePrices(cupboard: CupboardState): CupboardState {
  return PART_IDS.reduce(
    (after, part) =>
      entryOf(after, part).packPrice === null
        ? withEntry(after, part, { packPrice: PARTS[part].guidePrice })
        : after,
    cupboard,
  );
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
