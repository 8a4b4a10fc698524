import { z } from 'zod';
import { drillKeySchema } from '@/core/work/drill/makeDrill';
import { drillSheets } from '@/core/work/drill/drillSheets';
import type { ServerContext } from './context';
import { pdfOfSheets } from './print/pdfOfSheets';

/** Drills to print: the first of them, and how many. */
export const drillPrintSchema = drillKeySchema.extend({
  count: z.coerce
    .number('Say how many.')
    .int('Say how many.')
    .min(1, 'Print at least one.')
    .max(30, 'At most 30 are printed at once.')
    .default(6),
});

/** A set of drills on paper, with the key on a page of its own. */
export async function printDrill(
  { now }: Pick<ServerContext, 'now'>,
  { count, ...key }: z.infer<typeof drillPrintSchema>,
): Promise<Buffer> {
  const sheets = drillSheets(key, count);
  const title = `Fault drill, level ${key.level}, from number ${key.seed}`;
  return pdfOfSheets(sheets, null, { title, paper: 'A4', made: new Date(now()) });
}
