import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import type { Plan } from '../../records/plan/planSchema';
import { newPlan } from '../../records/plan/newPlan';
import { cellTypes, inOrder } from './cellTypes';
import { evaluatePlan } from './evaluatePlan';

const plan = newPlan('Types');
const prices = withGuidePrices(EMPTY_CUPBOARD);
const priced = cellTypes(plan, prices);
const bare = cellTypes(plan, { entries: {} });

test('one row a type, the plan’s own marked; what cannot says why', () => {
  const rows = priced;
  expect(rows.map(({ recipe }) => recipe.id)).toEqual(RECIPE_IDS);
  expect(rows.filter(({ isPlans }) => isPlans).map(({ recipe }) => recipe.id)).toEqual([
    plan.cell.recipe,
  ]);
  for (const { battery, why, bodies } of rows) {
    expect(battery === null).toBe(why !== '');
    expect(bodies.length).toBeGreaterThan(0);
  }
  const of = (id: string) => rows.find(({ recipe }) => recipe.id === id);
  expect(of('dilute-sulfuric-acid')?.why).toContain('trained staff');
  expect(of('concentration')?.why).toMatch(/never reach the voltage/);
  // Lemon, potato and vinegar stand in one table.
  for (const id of ['copper-zinc-fruit', 'root-vegetable', 'juice-cup']) {
    expect(of(id)?.battery?.chance).toBeGreaterThanOrEqual(0.95);
  }
});

test('the plan’s row is the plan’s battery; bodies that read alike are told in one line', () => {
  const [own] = bare.filter(({ isPlans }) => isPlans);
  const { wiring, cell, inLesson } = evaluatePlan(plan);
  expect(own?.battery).toMatchObject({
    cellsInSeries: wiring.cellsInSeries,
    strings: wiring.strings,
    pairsPerBody: wiring.pairs,
  });
  expect(own?.battery?.lesson?.minutes).toBe(inLesson.measuring.course.minutes);
  expect(own?.bodies).toEqual([cell.body.name]);
  const kiwis = { ...plan, cell: { ...plan.cell, body: 'kiwi' } };
  const [row] = cellTypes(kiwis, { entries: {} }).filter(({ isPlans }) => isPlans);
  expect(row?.bodies.slice(0, 2)).toEqual(['kiwi', 'apple']);
});

test('cautions are those of the whole battery: many volts in series too', () => {
  const asking = (target: Plan['target'], id: string) =>
    cellTypes({ ...plan, target }, prices).find(({ recipe }) => recipe.id === id);
  const high = asking({ kind: 'resistor', ohms: 1e6, wantedAmps: 32e-6 }, 'copper-zinc-fruit');
  expect(high?.battery?.openVolts).toBeGreaterThan(30);
  expect(high?.cautions).toContain('over-30');
  const usual = priced.find(({ recipe }) => recipe.id === 'copper-zinc-fruit');
  expect(usual?.cautions).not.toContain('over-30');
  expect(usual?.cautions).not.toContain('short-circuit');
});

test('first comes the lowest price where all are known, else the fewest bodies; what cannot stands last', () => {
  const sorted = inOrder(priced).flatMap(({ battery }) => battery ?? []);
  const cents = sorted.filter(({ recommended }) => recommended).map(({ price }) => price ?? NaN);
  expect([...cents].sort((a, b) => a - b)).toEqual(cents);
  const rows = inOrder(bare);
  const bodies = rows
    .flatMap(({ battery }) => battery ?? [])
    .filter(({ recommended }) => recommended)
    .map(({ cells }) => cells);
  expect([...bodies].sort((a, b) => a - b)).toEqual(bodies);
  expect(rows.at(-1)?.battery).toBeNull();
});
