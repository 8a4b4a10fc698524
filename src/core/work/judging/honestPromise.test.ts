import { shareOfOnePair } from '../../physics/recipes/cellBuild';
import type { TrialCell } from '../../physics/readings/ownReadings';
import { inWords } from '../../words';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { terminalVoltage } from '../../physics/cell/cellModel';
import { ledVolts } from '../../physics/circuit/load/led';
import { ledModelOf, type LedColour } from '../../physics/circuit/load/ledPresets';
import { randomStream } from '../../physics/chance/random';
import type { RecipeId } from '../../physics/recipes/recipe';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { type Plan, planSchema } from '../../records/plan/planSchema';
import { modelAfter } from '../search/batteryInTime';
import { firstCellTable } from '../search/firstCell';
import { evaluatePlan } from './evaluatePlan';
import { isRecommended, verdictOf } from './verdict';

type Grid = readonly [
  recipe: RecipeId,
  colour: LedColour,
  brightness: 'dim' | 'clear',
  cellsInSeries: number,
  strings: number,
  trueShare: number,
];

const planOf = ([recipe, colour, brightness, cellsInSeries, strings]: Grid): Plan => ({
  ...newPlan('Unread'),
  target: { kind: 'led', colour, brightness },
  cell:
    recipe === 'copper-zinc-fruit'
      ? freshCell(recipe, 'lemon')
      : recipe === 'root-vegetable'
        ? freshCell(recipe, 'potato')
        : freshCell(recipe),
  arrangement: { kind: 'own', cellsInSeries, strings },
});

/** Shares of 2000 kitchens × classes, worked out once by a program that shares nothing with this one. */
const GRIDS: readonly Grid[] = [
  ['copper-zinc-fruit', 'red', 'dim', 3, 3, 0.77],
  ['copper-zinc-fruit', 'red', 'clear', 4, 15, 0.62],
  ['copper-zinc-fruit', 'blue', 'dim', 7, 2, 0.75],
  ['root-vegetable', 'red', 'clear', 4, 24, 0.63],
  ['juice-cup', 'red', 'clear', 4, 4, 0.87],
  ['coin-pile-brine', 'red', 'clear', 4, 7, 0.84],
  ['nickel-zinc-pile', 'red', 'clear', 6, 8, 0.78],
];

/**
 * @check the promise for cells that nobody has read
 * @origin library: an independent simulation of schools, lessons, packs of LEDs, cells and joints
 * @tolerance 0.025
 */
test.each(GRIDS)('%s, %s, %s, %p × %p: true in %p', (...grid) => {
  expect(Math.abs(evaluatePlan(planOf(grid)).classes.chance - grid[5])).toBeLessThan(0.025);
});

/** Kitchens whose battery still gives what is wanted in the end: every cell, joint and LED drawn, the current by halving. */
function shareThatWorks(grid: Grid, kitchens: number): number {
  const [, colour, , cellsInSeries, strings] = grid;
  const evaluation = evaluatePlan(planOf(grid));
  const { cell, need, minutes, basis } = evaluation;
  const model = modelAfter(cell, basis.running, cellsInSeries, 60 * minutes);
  const { shortAmpsLow, shortAmpsHigh } = cell.recipe.typical;
  const total = Math.max(0.35, Math.log(shortAmpsHigh / shortAmpsLow) / 4);
  const levelLog = Math.sqrt(Math.max(0.17 ** 2, total ** 2 - 0.3 ** 2));
  const random = randomStream(11);
  let works = 0;
  for (let kitchen = 0; kitchen < kitchens; kitchen += 1) {
    const level = levelLog * random.normal();
    const volts = Math.hypot(0.02, 0.02) * random.normal();
    const make = Math.hypot(colour === 'blue' ? 0.1 : 0.06, 0.02) * random.normal();
    const needed = ledVolts(ledModelOf(colour), need.amps, ROOM_THERMAL_VOLTS) + make;
    let amps = 0;
    for (let string = 0; string < strings; string += 1) {
      const cells = Array.from({ length: cellsInSeries }, () => ({
        size: Math.exp(level + 0.3 * random.normal()),
        volts: model.emfVolts * (volts + 0.04 * random.normal()),
      }));
      let jointOhms = 0;
      for (let joint = 0; joint <= cellsInSeries; joint += 1) {
        if (random.uniform() < 1 / 30) jointOhms += 100 * 100 ** random.uniform();
      }
      const voltsAt = (current: number): number =>
        cells.reduce(
          (sum, one) => sum + one.volts + terminalVoltage(model, current / one.size),
          -current * jointOhms,
        );
      let [low, high] = [-0.1, 0.1];
      for (let step = 0; step < 40; step += 1) {
        const middle = (low + high) / 2;
        if (voltsAt(middle) > needed) low = middle;
        else high = middle;
      }
      amps += low;
    }
    if (amps >= need.amps) works += 1;
  }
  return works / kitchens;
}

/**
 * @check the promise for cells that nobody has read
 * @origin closed form: each kitchen’s battery solved by halving, without tables, tangents and strata
 * @tolerance 0.03
 */
test.each(GRIDS.slice(0, 3))('%s, %s, %s, %p × %p, drawn anew', (...grid) => {
  const { chance } = evaluatePlan(planOf(grid)).classes;
  expect(Math.abs(chance - shareThatWorks(grid, 1500))).toBeLessThan(0.03);
});

test.each([1, 3])(
  'typing the reading of a row, of %p cells, into the plan gives that row, in 95 of 100 classes',
  (read) => {
    const fresh = newPlan('Rows');
    const { asked } = evaluatePlan(fresh);
    const rows = firstCellTable(asked, fresh.meter.shuntOhms, read);
    expect(rows.length).toBeGreaterThan(3);
    const { cell } = asked;
    for (const { fromAmps, range, cells } of rows) {
      const reading = { volts: null, seconds: null, counted: true };
      // Rows are of a whole body; readings that are typed are of one pair, through the meter’s shunt.
      const onePair = 1.01 * fromAmps * shareOfOnePair(cell);
      const ohms = cell.belief.openVolts / onePair + fresh.meter.shuntOhms[range];
      const milliamps = (1000 * cell.belief.openVolts) / ohms;
      const typed = evaluatePlan({
        ...fresh,
        cell: {
          ...fresh.cell,
          trialCells: new Array<TrialCell>(read).fill({ ...reading, milliamps }),
        },
      });
      expect(typed.wiring.cellsInSeries * typed.wiring.strings).toBe(cells);
      expect(isRecommended(typed.classes.chance)).toBe(true);
      expect(verdictOf(typed).details[0]).toBe(`with your lemons, ${inWords(read)} read`);
    }
  },
);

test('an LED of the pack that was read moves the curve and leaves less to chance', () => {
  const unread = planOf(GRIDS[2]!);
  const typical = evaluatePlan(unread).need;
  const withPack = (volts: number): Plan => ({
    ...unread,
    target: { kind: 'led', colour: 'blue', brightness: 'dim', pack: { volts, amps: typical.amps } },
  });
  const same = evaluatePlan(planSchema.parse(withPack(typical.volts)));
  expect(same.need.volts).toBeCloseTo(typical.volts, 9);
  expect(same.classes.chance).not.toBe(evaluatePlan(unread).classes.chance);
  const greedy = evaluatePlan(withPack(typical.volts + 0.15));
  expect(greedy.need.volts).toBeCloseTo(typical.volts + 0.15, 9);
  expect(greedy.classes.chance).toBeLessThan(same.classes.chance - 0.03);
});
