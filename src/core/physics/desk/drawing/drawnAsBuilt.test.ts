import { cellsOf } from '../desk';
import { deskGeometry } from '../deskGeometry';
import { billOfDesk } from '../../../work/parts/billOfDesk';
import { mergeBillLines } from '../../../work/parts/partStock';
import { evaluatePlan } from '../../../work/judging/evaluatePlan';
import { freshCell, newPlan } from '../../../records/plan/newPlan';
import type { Plan, PlanTarget } from '../../../records/plan/planSchema';
import type { RecipeId } from '../../recipes/recipe';
import { RECIPES } from '../../recipes/recipes';
import { cellShapes, looksOfCell } from './cellShapes';

const grid = (cellsInSeries: number, strings: number): Plan['arrangement'] => ({
  kind: 'own',
  cellsInSeries,
  strings,
});
const cellOf = (
  recipe: RecipeId,
  body: string,
  pairs = 1,
  piece: Plan['cell']['piece'] = 'whole',
) => ({
  ...freshCell(recipe, body),
  piece,
  size: { ...RECIPES[recipe].usualSize, pairs },
});
const RED: PlanTarget = { kind: 'led', colour: 'red', brightness: 'dim' };

/** Nine plans as classes build them: − electrodes and + electrodes in a cell, counted by hand, and leads of the whole desk. */
const PLANS: readonly [string, Partial<Plan>, metals: number, leads: number][] = [
  ['lemons 3 × 3', { cell: cellOf('copper-zinc-fruit', 'lemon'), arrangement: grid(3, 3) }, 2, 12],
  [
    'kiwis 4 × 5 with 2 pairs',
    { cell: cellOf('copper-zinc-fruit', 'kiwi', 2), arrangement: grid(4, 5) },
    4,
    25 + 40,
  ],
  [
    'boiled potatoes with 3 pairs',
    { cell: cellOf('root-vegetable', 'boiled-potato', 3), arrangement: grid(3, 1) },
    6,
    4 + 12,
  ],
  [
    'lemon halves',
    { cell: cellOf('copper-zinc-fruit', 'lemon', 2, 'half'), arrangement: grid(4, 2) },
    4,
    10 + 16,
  ],
  ['24 coins', { cell: cellOf('coin-pile-brine', 'felt'), arrangement: grid(24, 1) }, 2, 2],
  ['sponges', { cell: cellOf('aluminium-air-brine', 'sponge'), arrangement: grid(4, 2) }, 2, 10],
  ['felt', { cell: cellOf('zinc-carbon-felt', 'salt-foam'), arrangement: grid(2, 1) }, 2, 3],
  [
    'cups with 3 pairs',
    { cell: cellOf('juice-cup', 'vinegar', 3), arrangement: grid(3, 2) },
    6,
    8 + 24,
  ],
  ['two solutions', { cell: cellOf('two-solution', 'wick'), arrangement: grid(2, 1) }, 2, 3],
];

test.each(PLANS)('%s: what is drawn is what is counted', (_, change, metals, leads) => {
  const plan: Plan = { ...newPlan('Drawn'), target: RED, ...change };
  const { desk } = evaluatePlan(plan);
  const cells = cellsOf(desk);
  const bill = mergeBillLines(billOfDesk(desk));
  const shapes = cells.flatMap((cell) => cellShapes(looksOfCell(cell), 60));
  const drawn = shapes.filter(({ fill }) => fill !== null && 'metal' in fill).length;
  expect(drawn).toBe(metals * cells.length);
  const { plus, minus } = looksOfCell(cells[0]!);
  expect(
    new Set(shapes.flatMap(({ fill }) => (fill !== null && 'metal' in fill ? [fill.metal] : []))),
  ).toEqual(new Set([plus, minus]));
  const counted = bill.find(({ part }) => part === 'clip-lead')?.amount ?? 0;
  expect(counted).toBe(leads);
  const joins = shapes.filter(
    (shape) => shape.kind === 'path' && / q\S+ -7 /.test(shape.d) && shape.fill === null,
  );
  const drawnLeads = deskGeometry(desk).leads.length + joins.length;
  // A pile’s layers stand on one another: its two leads are all there is.
  expect(drawnLeads).toBe(leads);
  const { parts, look } = cells[0]!.recipe;
  const metalsOfPair = new Set([...parts.minus, ...parts.plus].map(({ part }) => part));
  // What collects the current of felt is no electrode of its own.
  metalsOfPair.delete('graphite-foil');
  const electrodes = bill
    .filter(({ part }) => metalsOfPair.has(part))
    .reduce((sum, { amount }) => sum + amount, 0);
  if (look !== 'pile') expect(electrodes).toBe(metals * cells.length);
});
