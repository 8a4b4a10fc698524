import { fairTestSheet } from '@/core/work/preparation/sheets/fairTestSheet';
import { succeed, type Result } from '@/core/result';
import type { ServerContext } from './context';
import { pdfOfSheets } from './print/pdfOfSheets';

/** A stored fair test as PDF; `null` where there is no such test. */
export async function printFairTest(
  { documents, now }: ServerContext,
  id: string,
): Promise<Result<Buffer> | null> {
  const found = documents('fair-tests').find(id);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const sheet = fairTestSheet(found.document.value);
  const facts = { title: sheet.title, paper: 'A4', made: new Date(now()) } as const;
  return succeed(await pdfOfSheets([sheet], null, facts));
}
