import * as z from 'zod/mini';
import { PART_IDS, type PartId } from '../../physics/recipes/parts';

export const partIdSchema = z.enum(PART_IDS as [PartId, ...PartId[]], 'This part is not known.');

/** So many units of each part; a part that is not named is not there. */
export const haveSchema = z.partialRecord(
  partIdSchema,
  z
    .number('Give a number.')
    .check(z.minimum(0, 'Give 0 or more.'), z.maximum(100_000, 'Give at most 100000.')),
);
export type PartCounts = Readonly<z.infer<typeof haveSchema>>;
