import { RECIPES } from '../../physics/recipes/recipes';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { newPlan } from '../../records/plan/newPlan';
import { readingEntry } from '../../records/logbook/readingEntry';
import { planSchema } from '../../records/plan/planSchema';
import { logged } from '../../../testing/core/logged';
import { withFirstCells } from './firstCellsOfClass';

const TAKEN = '2027-01-29T14:02:00Z';
const GROUPS = ['Curlew', 'Tern', 'Plover'];
const line = (group: string, kind: 'volts' | 'short', value: number) => ({
  entryId: `${group} ${kind}`,
  revision: 1,
  group,
  entry: readingEntry(
    kind === 'volts'
      ? { kind, string: 1, from: 1, to: 1, built: 1 }
      : { kind, string: 1, built: 1 },
    value,
    TAKEN,
  ),
  struck: false,
});

test('first cells of the groups narrow the belief, each counted once, what the teacher typed among them', () => {
  const { cell: lemon, ...blank } = newPlan('Class');
  const plan = { ...blank, cell: { ...lemon, size: RECIPES[lemon.recipe].usualSize } };
  const typed = { volts: 0.94, milliamps: 0.5, seconds: 2, counted: true };
  const withOwn = { ...plan, cell: { ...plan.cell, trialCells: [typed] } };
  const lines = logged([
    line('Curlew', 'volts', 0.93),
    line('Curlew', 'short', 0.4e-3),
    line('Tern', 'volts', 0.92),
    line('Tern', 'short', 0.38e-3),
    // Volts alone are no first cell.
    line('Plover', 'volts', 0.9),
  ]);
  expect(withFirstCells(withOwn, GROUPS, logged([line('Plover', 'volts', 0.9)]))).toBeNull();
  const once = withFirstCells(withOwn, GROUPS, lines);
  if (once === null) throw new Error('two groups have read one');
  expect(planSchema.parse(once).cell.trialCells.map(({ group }) => group)).toEqual([
    undefined,
    'Curlew',
    'Tern',
  ]);
  expect(withFirstCells(once, GROUPS, lines)).toEqual(once);
  const { belief } = cellOfPlan(once);
  expect(belief.cellsRead).toBe(3);
  expect(belief.level.ampsLog).toBeLessThan(cellOfPlan(plan).belief.level.ampsLog * 0.6);
  // On the range that suits it a reading of 0.4 mA meets 100 Ω: 0.93 V ÷ 0.4 mA − 100 Ω inside.
  const [, curlew] = cellOfPlan(once).trials;
  expect(curlew?.shortAmps).toBeCloseTo(0.93 / (0.93 / 0.4e-3 - 100), 9);
});

test('a first cell that cannot be is no knowledge: metals that touch, a slip of the unit', () => {
  const plan = newPlan('Slip');
  const known = withFirstCells(
    plan,
    GROUPS,
    logged([
      line('Curlew', 'volts', 0.93),
      line('Curlew', 'short', 0.4),
      line('Tern', 'volts', 0.02),
      line('Tern', 'short', 0.4e-3),
    ]),
  );
  expect(known).toBeNull();
});
