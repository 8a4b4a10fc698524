import { usualCell } from '../../../testing/core/cells';
import { RECIPES } from '../../physics/recipes/recipes';
import { requirementOf } from '../../records/plan/loadRequirement';
import { formatVolts } from '../../units';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { comparisonOf, planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import type { BatteryCandidate, PlannerQuestion } from './plannerTypes';
import { wiringReason } from './wiringReason';

const redLed = requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' });

test.each([
  // The load holds 2 V: twice that within 15 in 100 is the best match.
  [3.41, 1, 'about twice what the load holds: best use of the cells'],
  [4.59, 1, 'about twice what the load holds: best use of the cells'],
  [4.61, 1, 'steadier if a cell or a joint is poor'],
  [2.89, 1, 'little to spare when the cells sag'],
  [2.91, 1, 'one short string is enough'],
  [3.39, 1, 'one short string is enough'],
  [3.39, 2, 'shorter strings, more of them'],
])('%p V open in %p strings for a load of 2 V: %s', (openVolts, strings, words) => {
  const need = { ...redLed, volts: 2 };
  const said = wiringReason({ strings }, { openVolts, need });
  expect(said.startsWith(`${formatVolts(openVolts)} with nothing connected`)).toBe(true);
  expect(said.endsWith(words)).toBe(true);
});

describe('order of candidates', () => {
  const facts = (change: Partial<BatteryCandidate>): BatteryCandidate =>
    ({
      cells: 6,
      pairs: 6,
      price: 100,
      hours: 5,
      chance: 0.97,
      foodGrams: 300,
      recommended: true,
      atEnd: { amps: 1e-3 },
      ...change,
    }) as unknown as BatteryCandidate;

  test.each([
    ['fewest-cells', { cells: 5 }],
    ['lowest-cost', { price: 99 }],
    ['brightest', { atEnd: { amps: 2e-3 } }],
    ['longest', { hours: 6 }],
    ['surest', { chance: 0.99 }],
    ['least-waste', { foodGrams: 200 }],
  ] as const)('%s goes by its own figure, recommended ones before it', (objective, better) => {
    const compare = comparisonOf(objective);
    const one = facts(better as Partial<BatteryCandidate>);
    expect(compare(one, facts({}))).toBeLessThan(0);
    expect(compare(facts({}), one)).toBeGreaterThan(0);
    const doubtful = facts({ ...(better as Partial<BatteryCandidate>), recommended: false });
    expect(compare(doubtful, facts({}))).toBeGreaterThan(0);
  });

  test('ties go to fewer cells, then fewer pairs, then the surer one; no price is never the cheapest', () => {
    const compare = comparisonOf('lowest-cost');
    expect(compare(facts({ price: null }), facts({}))).toBeGreaterThan(0);
    expect(compare(facts({ price: null, cells: 5 }), facts({ price: null }))).toBeLessThan(0);
    expect(compare(facts({ pairs: 5 }), facts({}))).toBeLessThan(0);
    expect(compare(facts({ chance: 0.98 }), facts({}))).toBeLessThan(0);
    expect(comparisonOf('longest')(facts({ hours: Infinity }), facts({ hours: Infinity }))).toBe(0);
  });
});

describe('why a family gives nothing', () => {
  const fruit = usualCell(RECIPES['copper-zinc-fruit']);
  const ask = (change: Partial<PlannerQuestion>) =>
    planBatteries({
      need: redLed,
      limit: null,
      resistor: { kind: 'as-needed' },
      minutes: 10,
      running: USUAL_RUNNING,
      cells: [fruit],
      objective: 'fewest-cells',
      mostCells: PLANNER_DEFAULTS.mostCells,
      mostPairs: 1,
      mayCut: false,
      mostPrice: null,
      mostCandidates: 3,
      ...change,
    }).impossible.map(({ limit, explanation }) => [limit, explanation] as const);

  test.each([
    ['time', { minutes: 60 * 24 * 30 }, /after about .*are wanted/],
    ['volts', { need: { ...redLed, volts: 200 } }, /never reach the voltage/],
    ['amps', { need: { ...redLed, amps: 0.02 } }, /at least \d+ cells; 100 is the most/],
    ['price', { mostPrice: 1 }, /price unknown; set it in the cupboard/],
  ] as const)('%s', (limit, change, words) => {
    expect(ask(change as Partial<PlannerQuestion>)).toEqual([
      [limit, expect.stringMatching(words)],
    ]);
  });

  test('parts that lack are named, with the wiring that would take them', () => {
    const [[limit, words] = ['', '']] = ask({
      supply: {
        prices: { entries: {} },
        have: { 'led-red': 1 },
        load: [{ part: 'led-red', amount: 1 }],
      },
    });
    expect(limit).toBe('stock');
    expect(words).toMatch(/missing for \d+ × \d+\.$/);
  });
});
