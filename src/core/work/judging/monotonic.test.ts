import fc from 'fast-check';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf } from './verdict';

const lit = RECIPE_IDS.filter((id) => !RECIPES[id].restricted && id !== 'concentration');
const grids = fc.record({
  recipe: fc.constantFrom(...lit),
  cellsInSeries: fc.integer({ min: 2, max: 9 }),
  strings: fc.integer({ min: 1, max: 4 }),
  minutes: fc.constantFrom(1 / 6, 10, 45),
});

function planOf(
  {
    recipe,
    cellsInSeries,
    strings,
    minutes,
  }: typeof grids extends fc.Arbitrary<infer T> ? T : never,
  celsius = 20,
): Plan {
  const plan = newPlan('x');
  return {
    ...plan,
    minutes,
    seriesResistor: { kind: 'none' },
    running: { ...plan.running, celsius },
    cell: { ...plan.cell, recipe, body: RECIPES[recipe].bodies[0].id },
    arrangement: { kind: 'own', cellsInSeries, strings },
  };
}

test('more cells never lower the open volts, more strings never the current at the end', () => {
  fc.assert(
    fc.property(grids, (grid) => {
      const base = evaluatePlan(planOf(grid));
      const longer = evaluatePlan(planOf({ ...grid, cellsInSeries: grid.cellsInSeries + 1 }));
      const wider = evaluatePlan(planOf({ ...grid, strings: grid.strings + 1 }));
      expect(longer.source.emfVolts).toBeGreaterThan(base.source.emfVolts);
      expect(wider.atEnd.amps).toBeGreaterThanOrEqual(base.atEnd.amps * (1 - 1e-9));
      expect(base.atEnd.amps).toBeLessThanOrEqual(base.amps * (1 + 1e-9));
    }),
    { numRuns: 30 },
  );
});

test('a warmer battery gives more: reactions and electrolyte speed up, the LED holds less', () => {
  fc.assert(
    fc.property(grids, fc.integer({ min: 2, max: 20 }), (grid, kelvin) => {
      const cold = evaluatePlan(planOf(grid, 10));
      const warm = evaluatePlan(planOf(grid, 10 + kelvin));
      expect(warm.amps).toBeGreaterThanOrEqual(cold.amps);
    }),
    { numRuns: 30 },
  );
});

test('the untouched new plan of every recipe that can light a red LED dimly is fine for its time', () => {
  for (const recipe of lit) {
    const plan: Plan = {
      ...newPlan('x'),
      cell: { ...newPlan('x').cell, recipe, body: RECIPES[recipe].bodies[0].id },
    };
    expect([recipe, verdictOf(evaluatePlan(plan)).tone]).toEqual([recipe, 'fine']);
  }
});
