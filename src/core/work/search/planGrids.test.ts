import { type GridRequirement, secondsOf } from './searchGrids';
import { gridDesk } from '../../physics/desk/desk';
import { onStrongClass } from './loadLimits';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import { deskAfter, endBefore } from './batteryInTime';
import { type ClassRun, chanceInTime } from './chanceInTime';
import { familyModel } from '../../../testing/core/cells';
import { familyOf } from '../../physics/recipes/recipe';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import fc from 'fast-check';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { BRIGHTNESS_FROM_AMPS, type WantedBrightness } from '../../physics/circuit/brightness';
import { LED_COLOURS, ledModelOf, type LedColour } from '../../physics/circuit/load/ledPresets';
import { ledAmpsOnThevenin } from '../../physics/circuit/load/led';
import { RECIPES } from '../../physics/recipes/recipes';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import type { PlanTarget } from '../../records/plan/planSchema';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { wishFor } from '../../../testing/core/wishes';
import { whyImpossible } from './impossible';
import { nearestFeasibleTarget } from './nearestFeasibleTarget';
import { longestString, planGrids, PLANNING_DEFAULTS } from './planGrids';
import { isRecommended } from '../judging/verdict';

const kiwi = { emfVolts: 0.93, resistanceOhms: 654 };
const led = (colour: LedColour, brightness: WantedBrightness): PlanTarget => ({
  kind: 'led',
  colour,
  brightness,
});

test('an amber LED, clear just to show it, on measured kiwi cells takes strings of four', () => {
  const plan = planGrids(wishFor(kiwi, led('amber', 'clear')));
  expect(plan.status === 'possible' && plan.suggested).toMatchObject({ cellsInSeries: 4 });
});

test.each(LED_COLOURS)('what is suggested for %s is sure enough for the whole time', (colour) => {
  const wish = wishFor(kiwi, led(colour, 'dim'), 40);
  const plan = planGrids(wish);
  if (plan.status !== 'possible') throw new Error('not possible');
  const { cellsInSeries, strings, cells, chance } = plan.suggested;
  expect(cells).toBe(cellsInSeries * strings);
  expect(chance).toBeGreaterThanOrEqual(PLANNING_DEFAULTS.recommendedFrom);
  const { first, end, lasts } = standing(wish, cellsInSeries, strings);
  expect(end.amps).toBeGreaterThanOrEqual(BRIGHTNESS_FROM_AMPS.dim);
  expect(first.amps).toBeGreaterThan(end.amps);
  expect(lasts).toBe(true);
});

const standing = (wish: GridRequirement, cellsInSeries: number, strings: number) => {
  const desk = gridDesk(wish.cell, cellsInSeries, strings);
  const { need } = onStrongClass(desk, wish);
  const seconds = secondsOf(wish);
  return {
    first: loadOnDesk(desk, need.load),
    end: loadOnDesk(deskAfter(desk, wish.running, seconds), need.load),
    lasts: endBefore(seconds, desk, need, wish.running) === null,
    chance: (run?: ClassRun) => chanceInTime(seconds, desk, need, wish.running, run),
  };
};

/** The smallest of all grids that work, every one of them tried. */
function bruteForce(
  wish: GridRequirement,
  mostCells: number,
): { cells: number; chance: number } | null {
  let best: { cells: number; chance: number } | null = null;
  const longest = Math.min(mostCells, longestString(wish.cell.model.emfVolts));
  for (let cellsInSeries = 1; cellsInSeries <= longest; cellsInSeries += 1) {
    for (let strings = 1; strings * cellsInSeries <= mostCells; strings += 1) {
      const cells = cellsInSeries * strings;
      if (best !== null && cells > best.cells) break;
      const one = standing(wish, cellsInSeries, strings);
      const chance = one.chance();
      if (chance < PLANNING_DEFAULTS.recommendedFrom) continue;
      if (!one.lasts) continue;
      if (best === null || cells < best.cells || chance > best.chance) best = { cells, chance };
    }
  }
  return best;
}

/**
 * @check the planner’s search
 * @origin closed form: brute force over every grid
 * @tolerance the same grid
 */
test('the search finds what trying every grid finds', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.4, max: 1.6, noNaN: true }),
      fc.double({ min: 20, max: 3000, noNaN: true }),
      fc.constantFrom(...LED_COLOURS),
      fc.constantFrom<WantedBrightness>('glimmer', 'dim', 'clear'),
      fc.constantFrom(1 / 6, 10, 40),
      (emfVolts, resistanceOhms, colour, brightness, minutes) => {
        const wish = wishFor({ emfVolts, resistanceOhms }, led(colour, brightness), minutes);
        const plan = planGrids(wish);
        const best = bruteForce(wish, 30);
        const found =
          plan.status === 'possible' && plan.suggested.chance >= PLANNING_DEFAULTS.recommendedFrom
            ? plan.suggested.cells
            : Infinity;
        if (best === null) expect(found).toBeGreaterThan(30);
        else expect(found).toBe(best.cells);
      },
    ),
    { numRuns: 25 },
  );
});

test('a longer wish never needs fewer cells', () => {
  const cells = [1 / 6, 1, 10, 40, 240].map((minutes) => {
    const plan = planGrids(wishFor(kiwi, led('amber', 'clear'), minutes));
    return plan.status === 'possible' ? plan.suggested.cells : Infinity;
  });
  expect([...cells].sort((a, b) => a - b)).toEqual(cells);
});

test.each([
  ['copper-zinc-fruit', 'red'],
  ['copper-zinc-fruit', 'blue'],
  ['juice-cup', 'yellow-green'],
  ['aluminium-air-brine', 'white'],
  ['one-coin-pile', 'violet'],
] as const)('what few classes call sure, very many call sure too: %s, %s LED', (recipe, colour) => {
  const { model } = cellOfPlan({
    running: USUAL_RUNNING,
    meter: USUAL_CLASS_METER,
    cell: {
      recipe,
      ownRecipe: null,
      piece: 'whole',
      overhangMillimetres: 0,
      body: RECIPES[recipe].bodies[0].id,
      size: null,
      own: null,
      trialCells: [],
      school: null,
    },
  });
  const wish = wishFor(model, led(colour, 'dim'), 10, familyOf(recipe));
  const plan = planGrids(wish);
  if (plan.status !== 'possible') throw new Error('not possible');
  const { cellsInSeries, strings } = plan.suggested;
  const many = { classes: 20_000, seed: 1 };
  expect(isRecommended(standing(wish, cellsInSeries, strings).chance(many))).toBe(true);
});

test('a bluer LED never takes fewer cells', () => {
  const cells = (['red', 'amber', 'true-green', 'violet'] as const).map((colour) => {
    const plan = planGrids(wishFor(kiwi, led(colour, 'clear')));
    return plan.status === 'possible' ? plan.suggested.cells : Infinity;
  });
  expect([...cells].sort((a, b) => a - b)).toEqual(cells);
});

test('one-coin cells: four light a red LED, six a blue one (common practice, no source)', () => {
  // 0.5–0.8 V and about 1 mA short, the middle of the range.
  const coin = { emfVolts: 0.7, resistanceOhms: 700 };
  const visible = BRIGHTNESS_FROM_AMPS.dim;
  const amps = (inSeries: number, colour: 'red' | 'blue'): number =>
    ledAmpsOnThevenin(
      inSeries * 0.7,
      inSeries * coin.resistanceOhms,
      ledModelOf(colour),
      ROOM_THERMAL_VOLTS,
    );
  expect(amps(4, 'red')).toBeGreaterThan(visible);
  expect(amps(6, 'blue')).toBeGreaterThan(visible);
  expect(amps(3, 'blue')).toBeLessThan(visible);
});

test('what takes too much current is impossible, with the number of cells it would take', () => {
  const target: PlanTarget = { kind: 'device', device: 'pocket-radio', leastVolts: 3, amps: 20e-3 };
  const wish = wishFor(familyModel('fruit'), target);
  const plan = planGrids(wish);
  if (plan.status !== 'impossible' || plan.limit === 'time') throw new Error('possible');
  expect(plan.limit).toBe('amps');
  expect(plan.cellsNeeded).toBeGreaterThan(PLANNING_DEFAULTS.mostCells);
  expect(whyImpossible(wish, plan)).toMatch(/^Cannot be done, because the current is short/);
  expect(nearestFeasibleTarget(wish, target)?.target).toMatchObject({
    kind: 'led',
    brightness: 'dim',
  });
});

test('what takes more than 60 V is impossible for the volts (IEC 61140, from memory)', () => {
  const wish = wishFor(kiwi, { kind: 'resistor', ohms: 1e6, wantedAmps: 80e-6 });
  const plan = planGrids(wish);
  expect(plan).toMatchObject({ status: 'impossible', limit: 'volts', cellsNeeded: null });
  expect(plan.status === 'impossible' && whyImpossible(wish, plan)).toContain('60 V');
});

test('a fruit is spent within a week (common practice, no source): nothing runs on it for two', () => {
  const wish = wishFor(kiwi, led('red', 'glimmer'), 14 * 1440);
  const plan = planGrids(wish);
  expect(plan).toMatchObject({
    status: 'impossible',
    limit: 'time',
    ends: { by: expect.any(String) },
  });
  const why = plan.status === 'impossible' ? whyImpossible(wish, plan) : '';
  expect(why.replaceAll('\u00a0', ' ')).toContain('14 days are wanted');
});

test('the nearest wish is the same LED less bright before it is another colour', () => {
  const weak = wishFor({ emfVolts: 0.9, resistanceOhms: 8000 }, led('blue', 'bright'));
  const nearest = nearestFeasibleTarget(weak, led('blue', 'bright'));
  expect(nearest?.target).toMatchObject({ kind: 'led', colour: 'blue', brightness: 'dim' });
  expect(nearest?.wording).toContain('blue LED');
  const nothing = wishFor({ emfVolts: 0.01, resistanceOhms: 1e7 }, led('red', 'dim'));
  expect(nearestFeasibleTarget(nothing, led('red', 'dim'))).toBeNull();
});
