import { demoPlan } from '@/cli/demoPlans';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { wiringOptionsOf, SEARCH_DEFAULTS } from '@/core/work/search/wiringOptions';
import { newPlan } from '@/core/records/plan/newPlan';
import { planCellWithPairs } from '@/core/work/judging/planEdits';
import { withWiringOption } from './WiringOptionCard';

const lamp = demoPlan('demo-lamp');
const typical = newPlan('Lamp');
const NO_PRICES = { entries: {} };

test.each([
  ['measured cells', lamp],
  ['typical cells', typical],
])('a way that is laid out gives what its card said: %s', (_, plan) => {
  const { candidates } = wiringOptionsOf(evaluatePlan(plan).basis, SEARCH_DEFAULTS, NO_PRICES);
  expect(candidates.length).toBeGreaterThan(3);
  for (const candidate of candidates) {
    const laid = withWiringOption(plan, candidate);
    expect(PLAN_DOCUMENT.parse(JSON.parse(JSON.stringify(laid))).ok).toBe(true);
    const { amps, atEnd, classes, wiring } = evaluatePlan(laid);
    expect(amps / candidate.amps).toBeCloseTo(1, 6);
    expect(atEnd.amps / candidate.atEnd.amps).toBeCloseTo(1, 6);
    expect(classes.chance).toBeCloseTo(candidate.chance, 2);
    expect(wiring).toMatchObject({
      cellsInSeries: candidate.cellsInSeries,
      strings: candidate.strings,
      chosenBy: 'educator',
    });
  }
});

test('other pairs keep the size that was set', () => {
  const { size } = evaluatePlan(typical).cell;
  const two = planCellWithPairs(typical.cell, size, 2);
  expect(two.size?.pairs).toBe(2);
  const deep = { ...size, gapMillimetres: 7, extraPlus: 1 };
  expect(planCellWithPairs(two, deep, 3).size).toEqual({ ...deep, pairs: 3, extraPlus: 0 });
});
