import { familyCell, familyOf } from '../../physics/chemistry/families';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { ledAmpsOnThevenin } from '../../physics/circuit/operatingPoint';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { ledModelOf } from '../../physics/circuit/load/ledPresets';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { RECIPES } from '../../physics/chemistry/recipes';
import { chanceOfGrid } from './chanceOfGrid';
import { whyImpossible } from './impossible';
import { nearestFeasibleTarget } from './nearestFeasibleTarget';
import { planGrids, PLANNING_DEFAULTS } from './planGrids';
import { isRecommended } from './verdict';

const kiwi = { emfVolts: 0.93, resistanceOhms: 654 };
const led = (
  colour: (typeof LED_COLOURS)[number],
  brightness: 'glimmer' | 'dim' | 'clear' | 'bright',
) => requirementOf({ kind: 'led', colour, brightness });

test('the demo lamp: an amber LED, clear, on measured kiwi cells takes 4 in series × 3', () => {
  const plan = planGrids(kiwi, led('amber', 'clear'));
  expect(plan.status === 'possible' && plan.suggested).toMatchObject({
    cellsInSeries: 4,
    strings: 3,
  });
});

test.each(LED_COLOURS)(
  'every way to light %s reaches its current with margin and is sure enough',
  (colour) => {
    const need = led(colour, 'dim');
    const plan = planGrids(kiwi, need);
    if (plan.status !== 'possible') throw new Error('not possible');
    for (const { cellsInSeries, strings, cells, chance } of plan.candidates) {
      expect(cells).toBe(cellsInSeries * strings);
      expect(chance).toBeGreaterThanOrEqual(PLANNING_DEFAULTS.recommendedFrom);
      expect(cells).toBeGreaterThanOrEqual(plan.suggested.cells);
      const weakAmps = ledAmpsOnThevenin(
        cellsInSeries * 0.93 * 0.95,
        (cellsInSeries * 654 * 1.3) / strings,
        ledModelOf(colour),
        ROOM_THERMAL_VOLTS,
      );
      expect(weakAmps).toBeGreaterThanOrEqual(BRIGHTNESS_FROM_AMPS.dim * 0.999999);
    }
  },
);

test.each([
  ['copper-zinc-fruit', 'red'],
  ['copper-zinc-fruit', 'amber'],
  ['copper-zinc-fruit', 'blue'],
  ['juice-cup', 'yellow-green'],
  ['aluminium-air-brine', 'white'],
  ['one-coin-pile', 'violet'],
] as const)('what few classes call sure, very many call sure too: %s, %s LED', (recipe, colour) => {
  const { model } = cellOfPlan({
    cell: {
      recipe,
      ownRecipe: null,
      body: RECIPES[recipe].bodies[0]?.id ?? '',
      size: null,
      own: null,
    },
  });
  const need = led(colour, 'dim');
  const plan = planGrids(model, need);
  if (plan.status !== 'possible') throw new Error('not possible');
  const { cellsInSeries, strings } = plan.suggested;
  const many = { classes: 20_000, seed: 1 };
  expect(isRecommended(chanceOfGrid(model, need, cellsInSeries, strings, many).chance)).toBe(true);
});

test('a bluer LED never takes fewer cells', () => {
  const cells = (['red', 'amber', 'true-green', 'violet'] as const).map((colour) => {
    const plan = planGrids(kiwi, led(colour, 'clear'));
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
  const need = requirementOf(target);
  const cell = familyCell(familyOf('fruit'));
  const plan = planGrids(cell, need);
  if (plan.status !== 'impossible') throw new Error('possible');
  expect(plan.limit).toBe('amps');
  expect(plan.cellsNeeded).toBeGreaterThan(PLANNING_DEFAULTS.mostCells);
  expect(whyImpossible(cell, need, plan)).toMatch(/^Cannot be done, because the current is short/);
  const nearest = nearestFeasibleTarget(cell, target);
  expect(nearest?.target).toMatchObject({ kind: 'led', brightness: 'dim' });
});

test('what takes more than 60 V is impossible for the volts (IEC 61140, from memory)', () => {
  const need = requirementOf({ kind: 'resistor', ohms: 1e6, wantedAmps: 80e-6 });
  const plan = planGrids(kiwi, need);
  expect(plan).toMatchObject({ status: 'impossible', limit: 'volts', cellsNeeded: null });
  expect(plan.status === 'impossible' && whyImpossible(kiwi, need, plan)).toContain('60 V');
});

test('the nearest wish is the same LED less bright before it is another colour', () => {
  const weak = { emfVolts: 0.9, resistanceOhms: 8000 };
  const nearest = nearestFeasibleTarget(weak, {
    kind: 'led',
    colour: 'blue',
    brightness: 'bright',
  });
  expect(nearest?.target).toMatchObject({ kind: 'led', colour: 'blue', brightness: 'dim' });
  expect(nearest?.wording).toContain('blue LED');
  expect(
    nearestFeasibleTarget(
      { emfVolts: 0.01, resistanceOhms: 1e7 },
      { kind: 'led', colour: 'red', brightness: 'dim' },
    ),
  ).toBeNull();
});
