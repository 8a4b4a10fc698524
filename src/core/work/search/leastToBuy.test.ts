import { ROOM_CELSIUS } from '../../constants';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { randomStream } from '../../physics/chance/random';
import { plannedCell } from '../../physics/readings/plannedCell';
import { cellBuild } from '../../physics/recipes/cellBuild';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { loadParts } from '../parts/partOfTarget';
import { limitOfTarget } from './loadLimits';
import { planBatteries, PLANNER_DEFAULTS } from './planBatteries';
import type { BatteryCandidate } from './plannerTypes';

const { uniform: random } = randomStream(31);
const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
const BUILT = RECIPE_IDS.filter((id) => !RECIPES[id].restricted);
const MINUTES = [1, 10, 45, 120, 600];

function wish(): { target: PlanTarget; minutes: number; candidates: readonly BatteryCandidate[] } {
  const device = pick(DEVICE_KINDS);
  const { leastVolts, amps } = DEVICE_PRESETS[device];
  const target: PlanTarget =
    random() < 0.7
      ? { kind: 'led', colour: pick(LED_COLOURS), brightness: pick(WANTED_BRIGHTNESSES) }
      : { kind: 'device', device, leastVolts, amps };
  const minutes = pick(MINUTES);
  const priced = random() < 0.5;
  const { candidates } = planBatteries({
    ...PLANNER_DEFAULTS,
    mostCandidates: 100,
    cells: [pick(BUILT), pick(BUILT)].map((id) => {
      const recipe = RECIPES[id];
      return plannedCell(cellBuild(recipe, pick(recipe.bodies)), ROOM_CELSIUS);
    }),
    need: requirementOf(target),
    limit: limitOfTarget(target),
    resistor: { kind: 'as-needed' },
    minutes,
    running: USUAL_RUNNING,
    objective: 'least-to-buy',
    mostPrice: null,
    supply: {
      prices: priced ? withGuidePrices(EMPTY_CUPBOARD) : EMPTY_CUPBOARD,
      have: null,
      load: loadParts(target),
    },
  });
  return { target, minutes, candidates };
}

test('of 50 random wishes no other recommended battery takes less of everything at once than the first', () => {
  let compared = 0;
  for (let asked = 0; asked < 50; asked += 1) {
    const { candidates } = wish();
    const [first, ...others] = candidates.filter(({ recommended }) => recommended);
    if (first === undefined) continue;
    for (const other of others) {
      const cheaper =
        first.price === null || other.price === null || other.price <= first.price - 1e-9;
      expect(other.cells < first.cells && cheaper && other.chance > first.chance).toBe(false);
    }
    compared += others.length;
  }
  expect(compared).toBeGreaterThan(100);
});

test('where nothing is priced the first has the fewest bodies, then pairs, then leads', () => {
  const key = ({ cells, pairs, strings }: BatteryCandidate): number[] => [cells, pairs, strings];
  for (let asked = 0; asked < 30; asked += 1) {
    const { candidates } = wish();
    const sure = candidates.filter(({ recommended }) => recommended);
    if (sure.some(({ price }) => price !== null)) continue;
    const keys = sure.map((one) =>
      key(one)
        .map((part) => String(part).padStart(4, '0'))
        .join(),
    );
    expect([...keys].sort()).toEqual(keys);
  }
});

/**
 * @check how many raw potatoes run an LCD clock
 * @origin common practice: no source; two of them
 * @tolerance no more
 */
test('two potatoes in series run an LCD clock', () => {
  const { leastVolts, amps } = DEVICE_PRESETS['lcd-clock'];
  const { wiring, classes } = evaluatePlan({
    ...newPlan('Clock'),
    target: { kind: 'device', device: 'lcd-clock', leastVolts, amps },
    cell: freshCell('root-vegetable', 'potato'),
  });
  expect(wiring).toMatchObject({ cellsInSeries: 2, strings: 1 });
  expect(classes.chance).toBeGreaterThanOrEqual(0.95);
});
