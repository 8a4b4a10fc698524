import * as z from 'zod/mini';
import { drillKeySchema } from '@/core/work/drill/makeDrill';
import { drillSheets } from '@/core/work/drill/drillSheets';
import type { ServerContext } from './context';
import { pdfOfSheets } from './print/pdfOfSheets';

/** Drills to print: the first of them, and how many. */
export const drillPrintSchema = z.extend(drillKeySchema, {
  count: z._default(
    z.coerce
      .number('Say how many.')
      .check(
        z.int('Say how many.'),
        z.minimum(1, 'Print at least one.'),
        z.maximum(30, 'At most 30 are printed at once.'),
      ),
    6,
  ),
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
