import { demoPlan } from '@/cli/demoPlans';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { asPercentRounded } from './verdict';

/** What somebody changes on the screen, one after another; paper works the last of them out anew. */
const EDITS: readonly ((plan: Plan) => Plan)[] = [
  (plan) => ({ ...plan, arrangement: { kind: 'suggested' } }),
  (plan) => ({ ...plan, minutes: 20 }),
  (plan) => ({ ...plan, target: { kind: 'led', colour: 'amber', brightness: 'dim' } }),
  (plan) => ({ ...plan, arrangement: { kind: 'own', cellsInSeries: 3, strings: 3 } }),
  (plan) => ({ ...plan, running: { ...plan.running, celsius: 15 } }),
  (plan) => ({ ...plan, cell: { ...plan.cell, body: 'lemon', own: null, trialCells: [] } }),
  (plan) => ({ ...plan, arrangement: { kind: 'own', cellsInSeries: 4, strings: 8 } }),
  (plan) => ({ ...plan, minutes: 45, lesson: { ...plan.lesson, minutes: 45 } }),
];

test('screen and paper say one number: every edit in turn, and each worked out anew', () => {
  let plan = demoPlan('demo-lamp');
  let onScreen = evaluatePlan(plan);
  let suggested = 0;
  const shown = EDITS.map((edit) => {
    plan = edit(plan);
    onScreen = evaluatePlan(plan, onScreen);
    const onPaper = evaluatePlan(structuredClone(plan));
    expect(onScreen.classes.chance).toBe(onPaper.classes.chance);
    expect(onScreen.classes.gets()).toEqual(onPaper.classes.gets());
    // As a suggestion it has the number that it has as a battery.
    const { wiringOptions, wiring } = onPaper;
    if (wiringOptions.status === 'possible') {
      const { cellsInSeries, strings, chance } = wiringOptions.suggested;
      if (cellsInSeries === wiring.cellsInSeries && strings === wiring.strings) {
        expect(asPercentRounded(chance)).toBe(asPercentRounded(onPaper.classes.chance));
        suggested += 1;
      }
    }
    return asPercentRounded(onPaper.classes.chance);
  });
  expect(suggested).toBeGreaterThan(0);
  expect(new Set(shown).size).toBeGreaterThan(2);
});
