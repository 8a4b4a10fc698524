import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { FAMILIES, familyOf } from '../../physics/chemistry/families';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { requirementOf } from '../../records/plan/loadRequirement';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { bestFromStock } from './bestFromStock';
import { dischargeOfGrid } from '../../physics/time/dischargeOfGrid';
import { RECIPES } from '../../physics/chemistry/recipes';
import { plannerFamily } from './plannerFamily';
import { OBJECTIVES, type Objective, type PlannerQuestion } from './plannerTypes';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import { limitOfTarget } from './seriesResistor';

const CLEAR_AMBER = { kind: 'led', colour: 'amber', brightness: 'clear' } as const;
const amber = requirementOf(CLEAR_AMBER);
const input = (change: Partial<PlannerQuestion> = {}): PlannerQuestion => ({
  families: FAMILIES,
  need: amber,
  limit: limitOfTarget(CLEAR_AMBER),
  resistor: { kind: 'as-needed' },
  minutes: 10,
  running: USUAL_RUNNING,
  objective: 'fewest-cells',
  stock: { bodies: null, pairs: null },
  mostPrice: null,
  ...PLANNER_DEFAULTS,
  supply: {
    prices: withGuidePrices(EMPTY_CUPBOARD),
    have: null,
    load: 'led-amber',
  },
  ...change,
});

test('every candidate meets the need on paper and says why; every other family says why not', () => {
  const { candidates, impossible } = planBatteries(input());
  expect(candidates.length).toBeGreaterThan(5);
  for (const candidate of candidates) {
    expect(candidate.atEnd.amps).toBeGreaterThanOrEqual(amber.amps);
    expect(candidate.amps).toBeGreaterThanOrEqual(candidate.atEnd.amps);
    expect(candidate.atEnd.minutes).toBe(10);
    expect(candidate.recommended).toBe(candidate.chance >= 0.95);
    expect(candidate.openVolts).toBeGreaterThan(amber.volts);
    expect(candidate.cells).toBe(candidate.cellsInSeries * candidate.strings);
    expect(candidate.pairs).toBe(candidate.cells * candidate.pairsPerBody);
  }
  for (const { explanation } of impossible) expect(explanation.length).toBeGreaterThan(20);
  expect(impossible.find(({ family }) => family.id === 'dilute-sulfuric-acid')?.limit).toBe(
    'restricted',
  );
  expect(impossible.find(({ family }) => family.id === 'concentration')?.limit).toBe('volts');
});

test('recommended ones come first, marginal ones after them', () => {
  const { candidates } = planBatteries(
    input({ families: [familyOf('fruit')], mostCandidates: 40 }),
  );
  const recommended = candidates.map((one) => one.recommended);
  expect(recommended[0]).toBe(true);
  expect(recommended).toContain(false);
  expect(recommended.lastIndexOf(true)).toBeLessThan(recommended.indexOf(false));
  for (const { chance } of candidates) expect(chance).toBeGreaterThanOrEqual(0.8);
});

test('strong cells get a resistor, the next E12 value up; what then flows is borne by the LED', () => {
  const target = { kind: 'led', colour: 'red', brightness: 'clear' } as const;
  const { candidates } = planBatteries(
    input({
      families: [familyOf('zinc-carbon-felt')],
      need: requirementOf(target),
      limit: limitOfTarget(target),
    }),
  );
  expect(candidates[0]?.seriesResistorOhms).toBeGreaterThan(0);
  expect(candidates[0]?.amps).toBeLessThan(20e-3);
  const fruit = planBatteries(input({ families: [familyOf('fruit')] }));
  expect(fruit.candidates[0]?.seriesResistorOhms).toBeNull();
});

test('as long as nobody measured a cell, a candidate says on which one it depends', () => {
  const family = familyOf('fruit');
  const [typical] = planBatteries(input({ families: [family] })).candidates;
  expect(typical?.holdsFromShortAmps).toBeGreaterThan(0);
  // The typical cell is strong enough, since the wiring is recommended for it: four pairs of 0.45 mA.
  expect(typical?.holdsFromShortAmps).toBeLessThanOrEqual(typical!.pairsPerBody * 0.45e-3);
  const measured = { ...family, measured: { emfVolts: 0.93, resistanceOhms: 654 } };
  expect(
    planBatteries(input({ families: [measured] })).candidates[0]?.holdsFromShortAmps,
  ).toBeNull();
});

/** Unlike in price, strength and food. */
const SEVERAL = ['fruit', 'zinc-carbon-felt', 'coin-pile-brine', 'aluminium-air-brine'];

test.each(OBJECTIVES)('sorted by %s', (objective) => {
  const families = FAMILIES.filter(({ id }) => SEVERAL.includes(id));
  const candidates = planBatteries(input({ families, objective })).candidates.filter(
    ({ recommended }) => recommended,
  );
  expect(candidates.length).toBeGreaterThan(2);
  const key: Record<Objective, (one: (typeof candidates)[number]) => number> = {
    'fewest-cells': ({ cells }) => cells,
    'lowest-cost': ({ price }) => price ?? Infinity,
    brightest: ({ atEnd }) => -atEnd.amps,
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
  expect(candidates[0]?.pairs).toBe(candidates[0]!.cells * candidates[0]!.pairsPerBody);
  const one = planBatteries(input({ families: [familyOf('fruit')], mostPairs: 1 }));
  expect(one.candidates[0]!.cells).toBeGreaterThan(candidates[0]!.cells);
});

test('limits: stock, price and number of cells each give their own reason', () => {
  const fruit = [familyOf('fruit')];
  const limit = (change: Partial<PlannerQuestion>) =>
    planBatteries(input({ families: fruit, ...change })).impossible[0]?.limit;
  expect(limit({ stock: { bodies: 2, pairs: null } })).toBe('stock');
  expect(limit({ stock: { bodies: null, pairs: 5 } })).toBe('stock');
  expect(limit({ mostPrice: 1 })).toBe('price');
  expect(limit({ mostCells: 3 })).toBe('amps');
  const strong = requirementOf({ kind: 'resistor', ohms: 1e7, wantedAmps: 1e-3 });
  expect(limit({ need: strong, limit: null })).toBe('volts');
  expect(limit({ minutes: 14 * 1440 })).toBe('time');
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

test('the best that a stock can light: brighter first, then fewer cells; no colour that shines brighter than it says', () => {
  const stock = { bodies: 9, pairs: 14 };
  const asked = input({ families: [familyOf('fruit')], stock });
  const best = bestFromStock(asked);
  expect(best.length).toBeGreaterThan(3);
  const ranks = best.map(({ target, candidate }) => {
    if (target.kind !== 'led') throw new Error('not an LED');
    expect(candidate.pairs).toBeLessThanOrEqual(stock.pairs);
    const brighter = WANTED_BRIGHTNESSES[WANTED_BRIGHTNESSES.indexOf(target.brightness) + 1];
    if (brighter !== undefined) {
      const wish = { ...target, brightness: brighter };
      const question = { ...asked, need: requirementOf(wish), limit: limitOfTarget(wish) };
      expect(planBatteries(question).candidates).toEqual([]);
    }
    return [WANTED_BRIGHTNESSES.indexOf(target.brightness), candidate.cells] as const;
  });
  expect(ranks).toEqual([...ranks].sort(([a, n], [b, m]) => b - a || n - m));
  const colours = best.map(({ target }) => (target.kind === 'led' ? target.colour : null));
  expect(new Set(colours).size).toBe(best.length);
  expect(colours).not.toContain('infrared');
  expect(bestFromStock({ ...asked, stock: { bodies: 0, pairs: 0 } })).toEqual([]);
});

test('more metal in a body and many volts are said among the reasons', () => {
  const reasonsOf = (change: Partial<PlannerQuestion>): string[] =>
    planBatteries(input({ families: [familyOf('fruit')], mostCandidates: 40, ...change }))
      .candidates.filter(
        ({ pairsPerBody, openVolts, reasons }) =>
          // The reason why this wiring, and one for each that is true of it.
          reasons.length !== 1 + Number(pairsPerBody > 1) + Number(openVolts > 30),
      )
      .map(({ reasons }) => reasons.join('; '));
  expect(reasonsOf({})).toEqual([]);
  const { candidates } = planBatteries(input({ families: [familyOf('fruit')] }));
  expect(candidates.map(({ pairsPerBody }) => pairsPerBody > 1)).toContain(true);
  const highTarget = { kind: 'resistor', ohms: 1e6, wantedAmps: 32e-6 } as const;
  const high = { need: requirementOf(highTarget), limit: limitOfTarget(highTarget) };
  expect(reasonsOf(high)).toEqual([]);
  const [first] = planBatteries(input({ families: [familyOf('fruit')], ...high })).candidates;
  expect(first?.reasons.at(-1)).toBe('over 30 V open: adult only');
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

test('one family is asked about in every surrounding anew: cover, air, warmth and time', () => {
  const red = requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' });
  const pile = plannerFamily(RECIPES['coin-pile-brine'], RECIPES['coin-pile-brine'].bodies[0]!);
  const hoursIn = (running: Partial<typeof USUAL_RUNNING>, minutes = 10): number => {
    const { candidates } = planBatteries(
      input({ families: [pile], need: red, minutes, running: { ...USUAL_RUNNING, ...running } }),
    );
    return candidates[0]?.hours ?? 0;
  };
  const taped = hoursIn({ wrap: 'taped' });
  const open = hoursIn({ wrap: 'open' });
  expect(open).toBeLessThan(taped / 2);
  expect(hoursIn({ wrap: 'open', humidity: 0.85 })).toBeGreaterThan(open);
  expect(hoursIn({ wrap: 'open', celsius: 30 })).toBeLessThan(open);
  expect(hoursIn({ wrap: 'taped' })).toBe(taped);
});
