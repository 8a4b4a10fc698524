import { type PlannedCell, plannedCell } from '../../physics/readings/plannedCell';
import { familyBuild, usualCell } from '../../../testing/core/cells';
import { ROOM_CELSIUS } from '../../constants';
import { FAMILY_IDS, type FamilyId } from '../../physics/recipes/recipe';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { requirementOf, throughResistor } from '../../records/plan/loadRequirement';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { dischargeOfGrid } from '../../physics/time/dischargeOfGrid';
import { RECIPES } from '../../physics/recipes/recipes';
import { OBJECTIVES, type Objective, type PlannerQuestion } from './plannerTypes';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import { gridDesk } from '../../physics/desk/desk';
import { endOfBattery } from './batteryInTime';
import { limitOfTarget } from './loadLimits';

const familyCell = (id: FamilyId): PlannedCell => plannedCell(familyBuild(id), ROOM_CELSIUS);
const ALL = FAMILY_IDS.map(familyCell);
const CLEAR_AMBER = { kind: 'led', colour: 'amber', brightness: 'clear' } as const;
const amber = requirementOf(CLEAR_AMBER);
const input = (change: Partial<PlannerQuestion> = {}): PlannerQuestion => ({
  cells: ALL,
  need: amber,
  limit: limitOfTarget(CLEAR_AMBER),
  resistor: { kind: 'as-needed' },
  minutes: 10,
  running: USUAL_RUNNING,
  objective: 'fewest-cells',
  mostPrice: null,
  ...PLANNER_DEFAULTS,
  supply: {
    prices: withGuidePrices(EMPTY_CUPBOARD),
    have: null,
    load: [{ part: 'led-amber', amount: 1 }],
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
    const { cell, cellsInSeries, strings, seriesResistorOhms } = candidate;
    const life = endOfBattery(
      gridDesk(cell, cellsInSeries, strings),
      throughResistor(amber, seriesResistorOhms ?? 0),
      USUAL_RUNNING,
    );
    expect(candidate.hours).toBeCloseTo(life.seconds / 3600, 6);
    expect(candidate.hoursEndBy).toBe(life.by);
  }
  for (const { explanation } of impossible) expect(explanation.length).toBeGreaterThan(20);
  expect(impossible.find(({ recipe }) => recipe.id === 'dilute-sulfuric-acid')?.limit).toBe(
    'restricted',
  );
  expect(impossible.find(({ recipe }) => recipe.id === 'concentration')?.limit).toBe('volts');
});

test('recommended ones come first, marginal ones after them', () => {
  const { candidates } = planBatteries(input({ cells: [familyCell('fruit')], mostCandidates: 40 }));
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
      cells: [familyCell('zinc-carbon-felt')],
      need: requirementOf(target),
      limit: limitOfTarget(target),
    }),
  );
  expect(candidates[0]?.seriesResistorOhms).toBeGreaterThan(0);
  expect(candidates[0]?.amps).toBeLessThan(20e-3);
  const fruit = planBatteries(input({ cells: [familyCell('fruit')] }));
  expect(fruit.candidates[0]?.seriesResistorOhms).toBeNull();
});

/** Unlike in price, strength and food. */
const SEVERAL: readonly FamilyId[] = [
  'fruit',
  'zinc-carbon-felt',
  'coin-pile-brine',
  'aluminium-air-brine',
];

test.each(OBJECTIVES)('sorted by %s', (objective) => {
  const cells = SEVERAL.map(familyCell);
  const candidates = planBatteries(input({ cells, objective })).candidates.filter(
    ({ recommended }) => recommended,
  );
  expect(candidates.length).toBeGreaterThan(2);
  const key: Record<Objective, (one: (typeof candidates)[number]) => number> = {
    'least-to-buy': ({ price }) => price ?? Infinity,
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
  const { candidates } = planBatteries(input({ cells: [familyCell('fruit')] }));
  expect(candidates[0]?.pairsPerBody).toBe(PLANNER_DEFAULTS.mostPairs);
  expect(candidates[0]?.reasons.join()).toContain('without more food');
  expect(candidates[0]?.pairs).toBe(candidates[0]!.cells * candidates[0]!.pairsPerBody);
  const one = planBatteries(input({ cells: [familyCell('fruit')], mostPairs: 1 }));
  expect(one.candidates[0]!.cells).toBeGreaterThan(candidates[0]!.cells);
});

test('limits: parts, price and number of cells each give their own reason', () => {
  const fruit = [familyCell('fruit')];
  const limit = (change: Partial<PlannerQuestion>) =>
    planBatteries(input({ cells: fruit, ...change })).impossible[0]?.limit;
  const supply = { prices: { entries: {} }, have: { kiwi: 2, 'led-amber': 1 }, load: [] };
  expect(limit({ supply })).toBe('stock');
  expect(limit({ mostPrice: 1 })).toBe('price');
  // Parts that lack and cost too much besides: no money buys it.
  expect(
    limit({ supply: { ...supply, prices: withGuidePrices(EMPTY_CUPBOARD) }, mostPrice: 1 }),
  ).toBe('price');
  expect(limit({ mostCells: 3 })).toBe('amps');
  const strong = requirementOf({ kind: 'resistor', ohms: 1e7, wantedAmps: 1e-3 });
  expect(limit({ need: strong, limit: null })).toBe('volts');
  expect(limit({ minutes: 14 * 1440 })).toBe('time');
});

test('parts are kept to: 9 kiwis, 14 nails', () => {
  const have = {
    kiwi: 9,
    'galvanised-nail': 14,
    'copper-strip': 14,
    'clip-lead': 30,
    'led-amber': 1,
  };
  const { candidates } = planBatteries(
    input({
      cells: [familyCell('fruit')],
      need: requirementOf({ kind: 'led', colour: 'amber', brightness: 'dim' }),
      supply: { prices: { entries: {} }, have, load: [{ part: 'led-amber', amount: 1 }] },
    }),
  );
  expect(candidates.length).toBeGreaterThan(0);
  for (const { cells, pairs } of candidates) {
    expect(cells).toBeLessThanOrEqual(9);
    expect(pairs).toBeLessThanOrEqual(14);
  }
});

test('more metal in a body and many volts are said among the reasons', () => {
  const reasonsOf = (change: Partial<PlannerQuestion>): string[] =>
    planBatteries(input({ cells: [familyCell('fruit')], mostCandidates: 40, ...change }))
      .candidates.filter(
        ({ pairsPerBody, openVolts, reasons }) =>
          // The reason why this wiring, and one for each that is true of it.
          reasons.length !== 1 + Number(pairsPerBody > 1) + Number(openVolts > 30),
      )
      .map(({ reasons }) => reasons.join('; '));
  expect(reasonsOf({})).toEqual([]);
  const { candidates } = planBatteries(input({ cells: [familyCell('fruit')] }));
  expect(candidates.map(({ pairsPerBody }) => pairsPerBody > 1)).toContain(true);
  const highTarget = { kind: 'resistor', ohms: 1e6, wantedAmps: 32e-6 } as const;
  const high = { need: requirementOf(highTarget), limit: limitOfTarget(highTarget) };
  expect(reasonsOf(high)).toEqual([]);
  const [first] = planBatteries(input({ cells: [familyCell('fruit')], ...high })).candidates;
  expect(first?.reasons.at(-1)).toBe('over 30 V with nothing connected: adult only');
});

test('a taped pile with a red LED glows for over a day (common practice, no source)', () => {
  const day = 86_400;
  const outcome = dischargeOfGrid({
    cell: familyCell('one-coin-pile'),
    soakSeconds: null,
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
    cell: familyCell('one-coin-pile'),
    soakSeconds: null,
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
  const pile = usualCell(RECIPES['coin-pile-brine']);
  const hoursIn = (running: Partial<typeof USUAL_RUNNING>, minutes = 10): number => {
    const { candidates } = planBatteries(
      input({ cells: [pile], need: red, minutes, running: { ...USUAL_RUNNING, ...running } }),
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
