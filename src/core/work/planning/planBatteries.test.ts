import { FAMILIES, familyOf } from '../../physics/chemistry/families';
import { requirementOf } from '../../records/plan/loadRequirement';
import { bestFromStock } from './bestFromStock';
import { dischargeOfGrid } from '../../physics/time/dischargeOfGrid';
import {
  OBJECTIVES,
  planBatteries,
  PLANNER_DEFAULTS,
  type Objective,
  type PlannerInput,
} from './planBatteries';

const amber = requirementOf({ kind: 'led', colour: 'amber', brightness: 'clear' });
const input = (change: Partial<PlannerInput> = {}): PlannerInput => ({
  families: FAMILIES,
  need: amber,
  objective: 'fewest-cells',
  stock: { bodies: null, pairs: null },
  mostPrice: null,
  ...PLANNER_DEFAULTS,
  ...change,
});

test('every candidate meets the need on paper and says why; every other family says why not', () => {
  const { candidates, impossible } = planBatteries(input());
  expect(candidates.length).toBeGreaterThan(5);
  for (const candidate of candidates) {
    expect(candidate.amps).toBeGreaterThanOrEqual(amber.amps);
    expect(candidate.openVolts).toBeGreaterThan(amber.volts);
    expect(candidate.cells).toBe(candidate.cellsInSeries * candidate.strings);
    expect(candidate.pairs).toBe(candidate.cells * candidate.pairsPerBody);
  }
  for (const { explanation } of impossible) expect(explanation.length).toBeGreaterThan(20);
  expect(impossible.find(({ family }) => family.id === 'dilute-sulfuric-acid')?.limit).toBe(
    'restricted',
  );
  expect(impossible.find(({ family }) => family.id === 'concentration')?.limit).toBe('amps');
});

test.each(OBJECTIVES)('sorted by %s', (objective) => {
  const { candidates } = planBatteries(input({ objective }));
  const key: Record<Objective, (one: (typeof candidates)[number]) => number> = {
    'fewest-cells': ({ cells }) => cells,
    'lowest-cost': ({ price }) => price,
    brightest: ({ amps }) => -amps,
    longest: ({ hours }) => -hours,
    surest: ({ chance }) => -chance,
    'least-waste': ({ foodGrams }) => foodGrams,
  };
  const keys = candidates.map(key[objective]);
  expect([...keys].sort((a, b) => a - b)).toEqual(keys);
});

test('more metal in the same fruit saves fruit: fewest cells uses several pairs, with the reason', () => {
  const { candidates } = planBatteries(input({ families: [familyOf('fruit')] }));
  expect(candidates[0]?.pairsPerBody).toBe(PLANNER_DEFAULTS.mostPairs);
  expect(candidates[0]?.reasons.join()).toContain('without more food');
  const one = planBatteries(input({ families: [familyOf('fruit')], mostPairs: 1 }));
  expect(one.candidates[0]!.cells).toBeGreaterThan(candidates[0]!.cells);
});

test('limits: stock, price and number of cells each give their own reason', () => {
  const fruit = [familyOf('fruit')];
  const limit = (change: Partial<PlannerInput>) =>
    planBatteries(input({ families: fruit, ...change })).impossible[0]?.limit;
  expect(limit({ stock: { bodies: 2, pairs: null } })).toBe('stock');
  expect(limit({ stock: { bodies: null, pairs: 5 } })).toBe('stock');
  expect(limit({ mostPrice: 1 })).toBe('price');
  expect(limit({ mostCells: 3 })).toBe('amps');
  const strong = requirementOf({ kind: 'resistor', ohms: 1e7, wantedAmps: 1e-3 });
  expect(limit({ need: strong })).toBe('volts');
});

test('stock is kept to: 9 kiwis, 14 nails', () => {
  const { candidates } = planBatteries(
    input({
      families: [familyOf('fruit')],
      need: requirementOf({ kind: 'led', colour: 'amber', brightness: 'dim' }),
      stock: { bodies: 9, pairs: 14 },
    }),
  );
  expect(candidates.length).toBeGreaterThan(0);
  for (const { cells, pairs } of candidates) {
    expect(cells).toBeLessThanOrEqual(9);
    expect(pairs).toBeLessThanOrEqual(14);
  }
});

test('the best that a stock can light: brighter first, nothing beyond the stock', () => {
  const best = bestFromStock({
    ...input({ families: [familyOf('fruit')] }),
    stock: { bodies: 9, pairs: 14 },
  });
  expect(best.length).toBeGreaterThan(0);
  for (const { candidate } of best) expect(candidate.pairs).toBeLessThanOrEqual(14);
  expect(
    bestFromStock({ ...input({ families: [familyOf('fruit')] }), stock: { bodies: 0, pairs: 0 } }),
  ).toEqual([]);
});

test('a taped pile with a red LED glows for over a day (common practice, no source)', () => {
  const day = 86_400;
  const outcome = dischargeOfGrid({
    family: familyOf('one-coin-pile'),
    pairsPerBody: 1,
    cellsInSeries: 4,
    strings: 1,
    load: requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' }).load,
    wrap: 'taped',
    humidity: 0.5,
    celsius: 20,
    atSeconds: [0, day],
    leastAmps: 0.02e-3,
  });
  expect(outcome.end.reason).toBe('time-is-up');
  expect(outcome.samples.at(-1)!.amps).toBeGreaterThan(0.02e-3);
});

test('left open, the same pile dries out within hours', () => {
  const outcome = dischargeOfGrid({
    family: familyOf('one-coin-pile'),
    pairsPerBody: 1,
    cellsInSeries: 4,
    strings: 1,
    load: requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' }).load,
    wrap: 'open',
    humidity: 0.5,
    celsius: 20,
    atSeconds: [0, 200_000],
    leastAmps: 0.02e-3,
  });
  expect(outcome.end.reason).toBe('dried-out');
  expect(outcome.endSeconds / 3600).toBeLessThan(48);
});
