import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { newPlan } from '../../records/plan/newPlan';
import { gridDesk } from '../../physics/desk/desk';
import { laidOutGrid } from '../../physics/desk/deskEdits';
import { solveDesk } from '../../physics/desk/solveDesk';
import { compareAdditions } from '../judging/compareAdditions';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import {
  largestWins,
  pairsInOneBody,
  saltKillsAcid,
  voltsTimesAmps,
} from '../words/misconceptions';
import { otherLoads } from '../judging/otherLoads';
import { OBJECTIVES, type BatteryCandidate } from './plannerTypes';
import { priceOfUnit } from '../parts/priceOfBill';
import { MAX_CELLS } from '../../physics/desk/limits';
import { searchLimitsSchema, wiringOptionsOf, SEARCH_DEFAULTS } from './wiringOptions';
import { RECIPES } from '../../physics/recipes/recipes';

const plan = {
  ...newPlan('Lamp'),
  target: { kind: 'led', colour: 'amber', brightness: 'clear' } as const,
  cell: {
    ...newPlan('Lamp').cell,
    body: 'kiwi',
    size: RECIPES['copper-zinc-fruit'].usualSize,
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 1.4e-3, meterRange: '20 mA' as const, secondsAfter: null },
      loaded: [],
      kept: false,
    },
  },
};
const evaluation = evaluatePlan(plan);
const { cell, need } = evaluation;
const prices = withGuidePrices(EMPTY_CUPBOARD);
const ways = (change = {}) =>
  wiringOptionsOf(evaluation.basis, { ...SEARCH_DEFAULTS, ...change }, prices);

test('the app’s suggestion is the planner’s first wiring with the pairs of the plan', () => {
  const { candidates } = ways();
  const { cellsInSeries, strings } = evaluation.wiring;
  expect(candidates.filter(({ pairsPerBody }) => pairsPerBody === 1)[0]).toMatchObject({
    cellsInSeries,
    strings,
    recommended: true,
  });
});

test('the suggested wiring is among the ways, beside others with more metal in the same fruit', () => {
  const { candidates } = ways();
  const { cellsInSeries, strings } = evaluation.wiring;
  const suggested = candidates.find(
    (one) =>
      one.cellsInSeries === cellsInSeries && one.strings === strings && one.pairsPerBody === 1,
  );
  expect(suggested?.chance).toBeGreaterThanOrEqual(0.95);
  expect(candidates.some(({ pairsPerBody }) => pairsPerBody > 1)).toBe(true);
  // What a candidate promises is what the desk gives.
  expect(suggested?.amps).toBeCloseTo(evaluation.amps, 9);
});

test('each objective sorts by its own figure', () => {
  const keys: Record<(typeof OBJECTIVES)[number], (one: BatteryCandidate) => number> = {
    'least-to-buy': ({ price }) => price ?? Infinity,
    'fewest-cells': ({ cells }) => cells,
    'lowest-cost': ({ price }) => price ?? Infinity,
    brightest: ({ atEnd }) => -atEnd.amps,
    longest: ({ hours }) => -hours,
    surest: ({ chance }) => -chance,
    'least-waste': ({ foodGrams }) => foodGrams,
  };
  for (const objective of OBJECTIVES) {
    const sorted = ways({ objective })
      .candidates.filter(({ recommended }) => recommended)
      .map(keys[objective]);
    expect([...sorted].sort((a, b) => a - b)).toEqual(sorted);
  }
});

test('limits of group size and cost hold', () => {
  for (const { cells } of ways({ mostCells: 6 }).candidates) {
    expect(cells).toBeLessThanOrEqual(6);
  }
  for (const { price } of ways({ mostPrice: 15 }).candidates) {
    expect(price).toBeLessThanOrEqual(15);
  }
});

test('a string against metal: both raise the current, only the string takes more fruit', () => {
  const compared = compareAdditions(evaluation, prices);
  expect(compared!.string.amps).toBeGreaterThan(evaluation.amps);
  expect(compared!.metal.amps).toBeGreaterThan(evaluation.amps);
  expect(compared!.metal.foodGrams).toBe(0);
  // One strip and one nail for each cell, and two leads that join them to their like, at their share of a pack.
  const metals = priceOfUnit('copper-strip', prices)! + priceOfUnit('galvanised-nail', prices)!;
  const pair = metals + 2 * priceOfUnit('clip-lead', prices)!;
  expect(compared!.metal.price).toBeCloseTo(pair * compared!.metal.pairs, 9);
  expect(compared!.string.price).toBeGreaterThan(metals * compared!.string.pairs);
  expect(compared!.string.bodies).toBe(4);
  const size = { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 3 };
  const thick = evaluatePlan({ ...plan, cell: { ...plan.cell, size } });
  const { wiring } = thick;
  expect(compareAdditions(thick, prices)).toMatchObject({
    string: { bodies: wiring.cellsInSeries, pairs: 3 * wiring.cellsInSeries },
    metal: { bodies: 0, pairs: 3 * wiring.cellsInSeries * wiring.strings },
  });
  const pile = evaluatePlan({
    ...plan,
    cell: { ...newPlan('x').cell, recipe: 'coin-pile-brine', body: 'felt' },
  });
  expect(compareAdditions(pile, prices)).toBeNull();
});

test('twice the metal in one body is what measuring two pairs would give', () => {
  const doubled = cellOfPlan({
    running: USUAL_RUNNING,
    meter: USUAL_CLASS_METER,
    cell: { ...plan.cell, size: { ...cell.recipe.usualSize, pairs: 2 } },
  });
  expect(doubled.model.resistanceOhms).toBeCloseTo(cell.model.resistanceOhms / 2, 9);
  expect(doubled.model.emfVolts).toBe(cell.model.emfVolts);
});

test('other loads: LEDs in the order of their colours, small electronics run, a bulb and a phone never', () => {
  const loads = otherLoads(evaluation.desk);
  const of = (id: string) => loads.find((one) => one.id === id)!;
  expect(of('red').amps).toBeGreaterThan(of('amber').amps);
  expect(of('amber').amps).toBeGreaterThan(of('blue').amps);
  expect(of('amber').amps).toBeCloseTo(evaluation.amps, 9);
  expect(of('lcd-clock').verdict).toBe('runs');
  expect(of('bulb').works).toBe(false);
  expect(of('usb').verdict).toMatch(/^never/);
  // Two side by side share the current, two in series want twice the volts.
  expect(of('two-red-parallel').amps).toBeGreaterThan(of('red').amps);
  expect(of('two-red-series').volts).toBeGreaterThan(1.8 * of('red').volts);
  expect(of('motor').verdict).toMatch(/^stands still/);
  // ½CV² of 4.7 mF at 3.71 V: 32.3 mJ; 95 % of the volts not before r·C·ln 20, for the curve bends.
  const seconds = evaluation.source.resistanceOhms * 4.7e-3 * Math.log(20);
  const [, full = 0] = /after about ([\d.]+).s: 32\.3 mJ/.exec(of('capacitor').verdict) ?? [];
  expect(Number(full)).toBeGreaterThan(seconds);
  expect(Number(full)).toBeLessThan(1.6 * seconds);
  const { volts: boostedVolts, amps: boostedAmps, works } = of('booster');
  expect(works).toBe(true);
  // 1.7 mW at 60 %: 2.83 mW from the battery, at a sample of its curve.
  expect(1000 * boostedVolts * boostedAmps).toBeGreaterThanOrEqual(2.83);
  expect(boostedVolts).toBeGreaterThan(evaluation.source.emfVolts / 2);
});

test('common beliefs are answered with the plan’s own figures', () => {
  const text = (lines: readonly string[]): string => lines.join(' ').replaceAll('\u00a0', ' ');
  // 0.93 V × 1.42 mA is four times E²/4r of an ideal source.
  expect(text(voltsTimesAmps(evaluation).lines)).toContain('4 times less');
  expect(text(pairsInOneBody(evaluation).lines)).toMatch(
    /own kiwi: 3\.71 V with nothing connected.*one kiwi.*: 0\.9\d V/,
  );
  expect(text(largestWins(evaluation).lines)).toMatch(/alone: 3\.71 V.*settle at 2\.\d+ V/);
  expect(text(saltKillsAcid().lines)).toContain('130 mS/cm');
});

test('a grid laid out by hand is judged as the grid is, and as the search judged it', () => {
  const single = ways().candidates.filter(({ pairsPerBody }) => pairsPerBody === 1);
  expect(single.length).toBeGreaterThan(1);
  for (const { cellsInSeries, strings, chance } of single) {
    const grid = evaluatePlan({ ...plan, arrangement: { kind: 'own', cellsInSeries, strings } });
    const laidOut = evaluatePlan({ ...plan, arrangement: laidOutGrid(cellsInSeries, strings) });
    expect(laidOut.classes.chance).toBe(grid.classes.chance);
    expect(laidOut.atEnd.amps).toBe(grid.atEnd.amps);
    expect(grid.classes.chance).toBeCloseTo(chance, 9);
  }
});

test('what is wrong on the desk is in the verdict, and an edit elsewhere does not solve it again', () => {
  const faulty = {
    ...plan,
    arrangement: {
      kind: 'desk' as const,
      strings: [
        [0, 1, 2, 3].map((index) => ({
          kind: 'cell' as const,
          mix: null,
          sharedBody: null,
          faults: index === 0 ? [{ kind: 'reversed' as const }] : [],
        })),
      ],
      loadReversed: false,
    },
  };
  const wrong = evaluatePlan(faulty, evaluation);
  expect(wrong.wrong).toBe(1);
  expect(wrong.amps).toBeLessThan(solveDesk(gridDesk(cell, 4, 1), need.load).amps);
  expect(evaluatePlan({ ...faulty, title: 'Other' }, wrong)).toBe(wrong);
});

test('limits that are typed in are named by what is wrong with them', () => {
  const faults = (mostCells: unknown, mostPrice: unknown): string[] => {
    const parsed = searchLimitsSchema.safeParse({ mostCells, mostPrice });
    return parsed.success ? [] : parsed.error.issues.map(({ message }) => message);
  };
  const cells = `Give a whole number from 1 to ${MAX_CELLS}.`;
  expect([1, MAX_CELLS].flatMap((count) => faults(count, null))).toEqual([]);
  for (const wrong of [0, MAX_CELLS + 1, 2.5, 'six']) expect(faults(wrong, null)).toEqual([cells]);
  expect([0.01, 10_000].flatMap((price) => faults(6, price))).toEqual([]);
  expect(faults(6, 0)).toEqual(['The price must be greater than zero.']);
  expect(faults(6, 10_001)).toEqual(['Give at most 10000.']);
  expect(faults(6, 'little')).toEqual(['Give a price.']);
});

test('parts are shared out among the batteries that are built of them', () => {
  const have = {
    kiwi: 100,
    'copper-strip': 100,
    'galvanised-nail': 100,
    'clip-lead': 300,
    'led-amber': 9,
  };
  const most = (batteries: number): number =>
    Math.max(
      0,
      ...wiringOptionsOf(
        { ...evaluation.basis, have, batteries },
        SEARCH_DEFAULTS,
        prices,
      ).candidates.map(({ pairs }) => pairs),
    );
  expect(most(1)).toBeGreaterThan(50);
  expect(most(1)).toBeLessThanOrEqual(100);
  expect(most(2)).toBeGreaterThan(0);
  expect(most(2)).toBeLessThanOrEqual(50);
  expect(most(9)).toBe(0);
});
