import { demoPlan } from '@/cli/demoPlans';
import { freshCell } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { benchFacts } from '../guide/benchFacts';
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

test('what an adult shows is one battery everywhere: at the bench, in the lesson and in the parts', () => {
  const shown: Plan = {
    ...demoPlan('demo-lamp'),
    cell: freshCell('magnesium-graphite'),
    arrangement: { kind: 'own', cellsInSeries: 2, strings: 2 },
    have: {},
  };
  const older: Plan = { ...shown, lesson: { ...shown.lesson, ageBand: '14-and-over' } };
  const needed = (plan: Plan) =>
    Object.fromEntries(evaluatePlan(plan).missing.map((one) => [one.part, one.needed]));
  const facts = (plan: Plan) => benchFacts(plan, evaluatePlan(plan));
  expect(shown.lesson).toMatchObject({ groups: 6, ageBand: '11-to-13' });
  expect([facts(shown).groups, facts(shown).metersAreShared]).toEqual([['Curlew'], false]);
  expect([facts(older).groups.length, facts(older).metersAreShared]).toEqual([6, true]);
  expect(needed(shown)['graphite-rod']).toBe(4);
  expect(needed(older)['graphite-rod']).toBe(24);
  // An edit of the age alone changes it too.
  const onScreen = evaluatePlan(older, evaluatePlan(shown));
  expect(onScreen.missing).toEqual(evaluatePlan(older).missing);
});
