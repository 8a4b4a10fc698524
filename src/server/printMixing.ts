import * as z from 'zod/mini';
import { WAYS_OF_MEASURING } from '@/core/formats/customary';
import { ELECTROLYTES } from '@/core/physics/recipes/mixingBench';
import { mixingRequestSchema } from '@/core/physics/recipes/mixingRequest';
import { electrolyteCard } from '@/core/work/preparation/mixingCards';
import { mixingSheet } from '@/core/work/preparation/sheets/mixingSheet';
import type { ServerContext } from './context';
import { pdfOfSheets } from './print/pdfOfSheets';

/** A mixing card to print: which electrolyte, how strong, how much. */
export const mixingPrintSchema = z.strictObject({
  electrolyte: z.enum(ELECTROLYTES, 'Choose one of the electrolytes.'),
  strength: z.pipe(z.coerce.number('Give a number.'), mixingRequestSchema.shape.strength),
  millilitres: z.coerce
    .number('Give a volume in millilitres.')
    .check(
      z.positive('The volume must be greater than zero.'),
      z.maximum(2_500_000, 'Give at most 2500 L.'),
    ),
  units: z._default(z.enum(WAYS_OF_MEASURING, 'Choose one of the ways of measuring.'), 'metric'),
});

export async function printMixing(
  { now }: Pick<ServerContext, 'now'>,
  { electrolyte, strength, millilitres, units }: z.infer<typeof mixingPrintSchema>,
): Promise<Buffer> {
  const card = electrolyteCard(electrolyte, strength, millilitres);
  const facts = {
    title: card.title,
    paper: units === 'customary' ? 'Letter' : 'A4',
    made: new Date(now()),
    customary: units === 'customary',
  } as const;
  return pdfOfSheets([mixingSheet(card)], null, facts);
}
