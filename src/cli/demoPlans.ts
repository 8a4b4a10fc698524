import { freshCell } from '@/core/records/plan/newPlan';
import type { RecipeId } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { EXAMPLE_PLAN } from '@/core/work/stations/examplePlan';
import type { Plan } from '@/core/records/plan/planSchema';

/** A cell of the usual size with so many pairs of metal in one body. */
function withPairs(recipe: RecipeId, pairs: number): Plan['cell']['size'] {
  return { ...RECIPES[recipe].usualSize, pairs };
}

/** The invented demo scenario “Fernmoor Lighthouse Night”. Nothing in it is from anyone's real data. */
export const DEMO_PLANS: readonly { readonly id: string; readonly plan: Plan }[] = [
  {
    id: 'demo-tide-clock',
    plan: {
      ...EXAMPLE_PLAN,
      title: 'Tide clock on a pile of bronze coins',
      target: { kind: 'device', device: 'lcd-clock', leastVolts: 1.2, amps: 0.05e-3 },
      minutes: 1440,
      cell: freshCell('coin-pile-brine', 'felt'),
      arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
    },
  },
  {
    id: 'demo-fog-bell',
    plan: {
      ...EXAMPLE_PLAN,
      title: 'Fog bell on rhubarb-juice cups',
      target: { kind: 'device', device: 'piezo-buzzer', leastVolts: 3, amps: 1e-3 },
      minutes: 30,
      cell: { ...freshCell('juice-cup', 'rhubarb-juice'), size: withPairs('juice-cup', 2) },
      arrangement: { kind: 'suggested' },
    },
  },
  {
    id: 'demo-lamp',
    plan: EXAMPLE_PLAN,
  },
];

/** A plan of the demo scenario by its id. */
export function demoPlan(id: string): Plan {
  const found = DEMO_PLANS.find((one) => one.id === id);
  if (found === undefined) throw new Error(`the scenario has no plan ${id}`);
  return found.plan;
}
