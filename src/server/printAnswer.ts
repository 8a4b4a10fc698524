import * as z from 'zod/mini';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { type PlannedCell } from '@/core/physics/readings/plannedCell';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { answerSheetOf } from '@/core/work/reality/answerSheet';
import { answerOf, questionSchema, typicalPlannedCell } from '@/core/work/reality/question';
import { USUAL_RUNNING, type Running } from '@/core/records/plan/runningSchema';
import { fail, succeed, type Result } from '@/core/result';
import type { ServerContext } from './context';
import { openBench } from './openTool';
import { pdfOfSheets } from './print/pdfOfSheets';

const json = z.pipe(
  z.string(),
  z.transform((text, context): unknown => {
    try {
      return JSON.parse(text);
    } catch {
      context.issues.push({ code: 'custom', message: 'This is no question.', input: text });
      return z.NEVER;
    }
  }),
);

/** A question to print: of a plan's own cell, or of a recipe's usual one. */
export const answerRequestSchema = z.union(
  [
    z.strictObject({ asked: z.pipe(json, questionSchema), plan: z.string().check(z.minLength(1)) }),
    z.strictObject({
      asked: z.pipe(json, questionSchema),
      recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
      body: z.string().check(z.minLength(1), z.maxLength(40)),
    }),
  ],
  'Say what is asked, and of which plan or recipe.',
);
export type AnswerRequest = z.infer<typeof answerRequestSchema>;

/** A worked answer as PDF. */
export async function printAnswer(
  context: ServerContext,
  request: AnswerRequest,
): Promise<Result<Buffer>> {
  const { state: cupboard } = openBench(context, 'cupboard').initial;
  const of = cellAskedOf(context, request);
  if (of === null) {
    return fail({ code: 'not-found', path: ['plan'], message: 'There is no such plan.' });
  }
  const sheet = answerSheetOf(answerOf(request.asked, of.cell, cupboard, of.running));
  const options = { title: sheet.title, paper: 'A4', made: new Date(context.now()) } as const;
  return succeed(await pdfOfSheets([sheet], null, options));
}

function cellAskedOf(
  context: ServerContext,
  request: AnswerRequest,
): { readonly cell: PlannedCell; readonly running: Running } | null {
  if (!('plan' in request)) return { cell: typicalPlannedCell(request), running: USUAL_RUNNING };
  const found = context.documents('plans').find(request.plan);
  if (found === null || !found.document.ok) return null;
  const plan = found.document.value;
  return { cell: evaluatePlan(plan).cell, running: plan.running };
}
