import { drawnDesk } from '@/server/print/drawDesk';
import { performance } from 'node:perf_hooks';
import { DEMO_CUPBOARD } from '@/cli/demoCupboard';
import { demoPlan } from '@/cli/demoPlans';
import { stockOf } from '@/core/records/cupboard/cupboardSchema';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { whatCanBeLitInSteps } from '@/core/work/search/whatCanBeLit';
import { lessonTimes } from '@/core/work/preparation/lessonTimes';
import { lessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { sheetOf, sheetsAllowed } from '@/core/work/preparation/sheets/sheetsOfLesson';
import { pdfOfSheets } from '@/server/print/pdfOfSheets';
import { printRow } from './print.mjs';

/** What a teacher waits for before the lesson: what can be lit, and the sheets. */
export async function benchLesson(): Promise<void> {
  const have = stockOf(DEMO_CUPBOARD.state, isBatteryPart);
  const began = performance.now();
  const steps = whatCanBeLitInSteps({ have, minutes: 10, running: USUAL_RUNNING });
  let first: number | null = null;
  while (steps.next().done !== true) first ??= performance.now() - began;
  const all = performance.now() - began;
  printRow(
    'what can be lit with the cupboard of the scenario: the first thing, all of them',
    `${(first ?? all).toFixed(0)} ms, ${all.toFixed(0)} ms`,
  );

  const plan = demoPlan('demo-lamp');
  const thirty = { ...plan, lesson: { ...plan.lesson, pupils: 30, joinCode: 'FERN42' } };
  const evaluation = evaluatePlan(thirty);
  const facts = lessonFacts(thirty, evaluation, { cupboard: DEMO_CUPBOARD.state, planId: 'x' });
  const drawn = drawnDesk(evaluation);
  const printed = async (): Promise<number> => {
    const start = performance.now();
    const times = lessonTimes(facts, '2027-01-10T08:00:00');
    const sheets = sheetsAllowed(facts).map((id) =>
      sheetOf(id, facts, times, 'standard', 'http://192.0.2.7:3001/join'),
    );
    await pdfOfSheets(sheets, drawn, { title: plan.title, paper: 'A4', made: new Date(0) });
    return performance.now() - start;
  };
  const cold = await printed();
  const warm = await printed();
  printRow(
    'all sheets of 30 pupils as PDF: the first time, and again',
    `${cold.toFixed(0)} ms, ${warm.toFixed(0)} ms`,
    'budget 1,500 ms',
    cold <= 1500,
  );
}
