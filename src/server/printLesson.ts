import { WAYS_OF_MEASURING } from '@/core/formats/customary';
import { PAPERS, type Paper } from '@/core/physics/recipes/separatorPlan';
import { sheetOf, sheetsAllowed } from '@/core/work/preparation/sheets/sheetsOfLesson';
import {
  SHEET_IDS,
  SHEET_NAMES,
  WORDINGS,
  type SheetId,
} from '@/core/work/preparation/sheets/sheet';
import { fail, succeed, type Result } from '@/core/result';
import * as z from 'zod/mini';
import type { ServerContext } from './context';
import { openLesson } from './openLesson';
import { drawnDesk } from './print/drawDesk';
import { pdfOfSheets } from './print/pdfOfSheets';

/** What is asked of a print: one sheet or all, how the pupil sheet is worded, on which paper. */
export const printRequestSchema = z.object({
  sheet: z._default(z.enum([...SHEET_IDS, 'all'], 'There is no such sheet.'), 'all'),
  wording: z._default(z.enum(WORDINGS, 'Choose one of the wordings.'), 'standard'),
  paper: z.optional(z.enum(PAPERS, 'Choose one of the paper sizes.')),
  units: z._default(z.enum(WAYS_OF_MEASURING, 'Choose one of the ways of measuring.'), 'metric'),
});
export type PrintRequest = z.infer<typeof printRequestSchema>;

export interface Print {
  readonly pdf: Buffer;
  readonly fileName: string;
}

/**
 * A lesson's sheets as PDF; `null` where there is no such plan. Sheets that the gates withhold are refused with the reason.
 * @param joinAt address at which groups join, without the code; `null` where this machine has none in a local network
 */
export async function printLesson(
  context: ServerContext,
  id: string,
  { sheet, wording, paper, units }: PrintRequest,
  joinAt: string | null = null,
): Promise<Result<Print> | null> {
  const opened = openLesson(context, id);
  if (opened === null) return null;
  if (!opened.ok) return opened;
  const { facts, times } = opened.value;
  const allowed = sheetsAllowed(facts);
  const { cutting, mixing } = facts.kit;
  const empty = cutting.length + mixing.length === 0;
  const small = facts.plan.lesson.ageBand === 'under-11';
  const wanted: readonly SheetId[] =
    sheet === 'all'
      ? allowed.filter((one) => (one !== 'cards' || !empty) && (one !== 'small' || small))
      : [sheet];
  const withheld = wanted.find((one) => !allowed.includes(one));
  if (withheld !== undefined || wanted.length === 0) {
    const name = withheld === undefined ? 'Any sheet' : SHEET_NAMES[withheld];
    return fail({
      code: 'withheld',
      path: ['sheet'],
      message: `${name} is not made for this class. ${facts.gate.reason}`,
    });
  }
  const { plan, evaluation } = facts;
  const sheets = wanted.map((one) => sheetOf(one, facts, times, wording, joinAt));
  const size: Paper = paper ?? plan.lesson.paper;
  const pdf = await pdfOfSheets(sheets, drawnDesk(evaluation), {
    title: plan.title,
    paper: size,
    made: new Date(context.now()),
    customary: units === 'customary',
  });
  return succeed({ pdf, fileName: sheet === 'all' ? 'lesson' : sheet });
}
