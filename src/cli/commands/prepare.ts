import { PARTS } from '@/core/physics/recipes/parts';
import { prepareRequestSchema } from '@/cli/requests';
import { firstCellTable } from '@/core/work/search/firstCell';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { verdictOf } from '@/core/work/judging/verdict';
import { lessonTimes } from '@/core/work/preparation/lessonTimes';
import { lessonFacts, type LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Command } from '../command';
import { issuesOfZod } from '@/core/issuesOfZod';

export const prepareCommand: Command = {
  summary: 'kit, shopping list, cutting, mixing, timetable and cautions of a plan’s lesson',
  run(input) {
    const request = prepareRequestSchema.safeParse(input);
    if (!request.success) return { status: 'bad-input', faults: issuesOfZod(request.error) };
    const plan = PLAN_DOCUMENT.parse(request.data.plan);
    if (!plan.ok) {
      const faults = plan.issues.map((one) => ({ ...one, path: ['plan', ...one.path] }));
      return { status: 'bad-input', faults };
    }
    const { cupboard, today } = request.data;
    const evaluation = evaluatePlan(plan.value);
    const facts = lessonFacts(plan.value, evaluation, { cupboard, planId: '' });
    const now = today.length === 10 ? `${today}T00:00:00` : today;
    return {
      status: facts.gate.preparing ? 'solved' : 'no-solution',
      output: {
        status: facts.gate.preparing ? 'solved' : 'withheld',
        gate: facts.gate,
        verdict: verdictOf(evaluation),
        ...(facts.gate.preparing ? preparing(facts, now) : {}),
        cautions: facts.cautions,
      },
    };
  },
};

function preparing(facts: LessonFacts, now: string): object {
  const { kit, shopping, cupboard, evaluation, course, measuring, queue } = facts;
  const { cell, asked, desk } = evaluation;
  const { groups, cellsInGroup, spareCells, lines, cutting, mixing } = kit;
  return {
    kit: { groups, cellsInGroup, spareCells, lines },
    missing: shopping.lines
      .filter(({ missing }) => missing > 0)
      .map(({ part, missing }) => ({ part, missing })),
    shopping: {
      currency: cupboard.currency,
      price: shopping.price,
      toBuy: shopping.price - shopping.atSchool,
      atSchool: shopping.atSchool,
      comesBack: shopping.comesBack,
      unpriced: shopping.unpriced,
      lines: shopping.lines.map((line) => ({ ...line, aisle: PARTS[line.part].aisle })),
    },
    cutting,
    mixing,
    timetable: lessonTimes(facts, now),
    lesson: { measuring, minutes: course.minutes, over: course.over, phases: course.phases, queue },
    firstCells:
      cell.origin === 'own' || desk.grid === null
        ? []
        : firstCellTable(asked, facts.plan.meter.shuntOhms),
  };
}
