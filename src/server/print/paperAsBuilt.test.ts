import { cellsOf } from '@/core/physics/desk/desk';
import { loadShapes } from '@/core/physics/desk/drawing/loadShapes';
import type { Shape } from '@/core/physics/desk/drawing/shape';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { Plan, PlanTarget } from '@/core/records/plan/planSchema';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { RECIPES } from '@/core/physics/recipes/recipes';
import type { RecipeId } from '@/core/physics/recipes/recipe';
import { EMPTY_CUPBOARD } from '@/core/records/cupboard/cupboardSchema';
import { lessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { sheetOf } from '@/core/work/preparation/sheets/sheetsOfLesson';
import { drawDesk, drawnDesk } from './drawDesk';
import { TEXT_SIZE } from './page';
import { scaleFor } from './pdfOfSheets';
import { SheetPdf } from './sheetPdf';

const mockDrawn: Shape[][] = [];
jest.mock('./drawShapes', () => ({
  drawShapes: (_: unknown, shapes: Shape[]) => mockDrawn.push(shapes),
}));

const grid = (cellsInSeries: number, strings: number) =>
  ({ kind: 'own', cellsInSeries, strings }) as const;
const of = (recipe: RecipeId, body: string, pairs = 1, piece: 'whole' | 'half' = 'whole') => ({
  ...freshCell(recipe, body),
  piece,
  size: { ...RECIPES[recipe].usualSize, pairs },
});
const led = (colour: 'red' | 'amber'): PlanTarget => ({ kind: 'led', colour, brightness: 'dim' });
const device = (of: 'lcd-clock' | 'boosted-led', leastVolts: number, amps: number): PlanTarget => ({
  kind: 'device',
  device: of,
  leastVolts,
  amps,
});
const MOTOR: PlanTarget = {
  kind: 'motor',
  startVolts: 0.3,
  ratedVolts: 1.5,
  stallAmps: 0.8,
  freeAmps: 0.06,
};
const BULB: PlanTarget = { kind: 'bulb', ratedVolts: 2.5, ratedAmps: 0.2, look: 'glows' };

/** Nine plans as classes build them; parts of the kit that are − and + electrodes, and how many a group takes: by hand. */
const PLANS: readonly [string, Partial<Plan>, parts: Readonly<Record<string, number>>][] = [
  [
    'lemons 3 × 3',
    { target: led('red'), cell: of('copper-zinc-fruit', 'lemon'), arrangement: grid(3, 3) },
    { 'galvanised-nail': 9 },
  ],
  [
    'kiwis with 2 pairs',
    { target: led('amber'), cell: of('copper-zinc-fruit', 'kiwi', 2), arrangement: grid(4, 5) },
    { 'galvanised-nail': 40 },
  ],
  [
    'boiled potatoes with 3 pairs',
    { target: led('red'), cell: of('root-vegetable', 'boiled-potato', 3), arrangement: grid(3, 1) },
    { 'galvanised-nail': 9 },
  ],
  [
    'lemon halves with 2 pairs',
    {
      target: led('red'),
      cell: of('copper-zinc-fruit', 'lemon', 2, 'half'),
      arrangement: grid(4, 2),
    },
    { 'galvanised-nail': 16 },
  ],
  [
    'a pile of 24 coins',
    { target: led('red'), cell: of('coin-pile-brine', 'felt'), arrangement: grid(24, 1) },
    { 'zinc-washer': 24, 'copper-coin': 24 },
  ],
  [
    'sponges and a motor',
    { target: MOTOR, cell: of('aluminium-air-brine', 'sponge'), arrangement: grid(4, 2) },
    { 'graphite-rod': 8, 'aluminium-foil': 8 },
  ],
  [
    'felt and a bulb',
    { target: BULB, cell: of('zinc-carbon-felt', 'salt-foam'), arrangement: grid(2, 1) },
    {},
  ],
  [
    'a magnesium rod and a booster',
    {
      target: device('boosted-led', 0.6, 3.7e-3),
      cell: of('magnesium-air-rod', 'tap-water'),
      arrangement: grid(1, 1),
    },
    {},
  ],
  [
    'two solutions and a clock',
    {
      target: device('lcd-clock', 1.2, 5e-5),
      cell: of('two-solution', 'wick'),
      arrangement: grid(2, 1),
    },
    { 'copper-strip': 2, 'zinc-strip': 2 },
  ],
];

const metalsIn = (shapes: readonly Shape[]): string[] =>
  shapes.flatMap(({ fill }) => (fill !== null && 'metal' in fill ? [fill.metal] : []));

test.each(PLANS)('%s: on paper stands what is in the kit', (_, change, parts) => {
  const plan: Plan = { ...newPlan('Printed'), ...change };
  const evaluation = evaluatePlan(plan);
  const { kit } = lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: 'p' });
  for (const [part, amount] of Object.entries(parts)) {
    expect(kit.lines.find((line) => line.part === part)?.perGroup).toBe(amount);
  }
  mockDrawn.length = 0;
  const drawn = drawnDesk(evaluation);
  const pdf = new SheetPdf({ size: 'A4' });
  drawDesk(pdf, drawn, { x: 40, y: 40, width: 500, most: 300 });
  const cells = mockDrawn.slice(0, -1);
  expect(cells).toHaveLength(cellsOf(evaluation.desk).length);
  const { plus, minus } = evaluation.cell.recipe;
  const metals = cells.flatMap(metalsIn);
  for (const amount of Object.values(parts)) {
    expect(metals.filter((metal) => metal === minus.material)).toHaveLength(amount);
    expect(metals.filter((metal) => metal === plus.material)).toHaveLength(amount);
  }
  // One device, and it is the wished one.
  expect(mockDrawn.at(-1)).toEqual(loadShapes(looksOfTarget(plan.target), false));
});

test.each(PLANS)('%s: the pupil’s sheet keeps letters of 10 pt', (_, change) => {
  const plan: Plan = { ...newPlan('Printed'), ...change };
  const evaluation = evaluatePlan(plan);
  const facts = lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: 'p' });
  const drawn = drawnDesk(evaluation);
  for (const paper of ['A4', 'Letter'] as const) {
    for (const wording of ['simple', 'full'] as const) {
      const sheet = sheetOf('pupil', facts, null, wording);
      expect(TEXT_SIZE * scaleFor(sheet, drawn, paper)).toBeGreaterThanOrEqual(10);
    }
  }
});
