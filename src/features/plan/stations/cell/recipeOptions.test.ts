import { ownRecipeFrom } from '@/core/physics/recipes/ownRecipe';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { cellWithRecipe, changedSince, chosenKey, recipeOptions } from './recipeOptions';

const { cell } = newPlan('Lamp');
const offered = [{ id: 'mine', recipe: { ...ownRecipeFrom('coin-pile-brine'), title: 'My pile' } }];

test('every shipped recipe can be chosen, then one’s own', () => {
  const options = recipeOptions(cell, offered);
  expect(options.map(({ key }) => key)).toEqual([...RECIPE_IDS, 'own mine']);
  expect(options.filter(({ own }) => own).map(({ recipe }) => recipe.name)).toEqual(['My pile']);
});

test('choosing any of them gives a plan that is valid, and that is what is chosen then', () => {
  for (const { key } of recipeOptions(cell, offered)) {
    const plan = { ...newPlan('Lamp'), cell: cellWithRecipe(cell, key, offered) };
    expect(PLAN_DOCUMENT.parse(JSON.parse(JSON.stringify(plan))).ok).toBe(true);
    expect(chosenKey(plan.cell)).toBe(key);
    expect(plan.cell.own).toBeNull();
    expect(evaluatePlan(plan).cell.model.emfVolts).toBeGreaterThan(0);
  }
});

test('an unknown key leaves the cell as it is', () => {
  expect(cellWithRecipe(cell, 'own gone', offered)).toBe(cell);
});

test('a recipe that came with a file stays on offer; one that is at home is not there twice', () => {
  const foreign = cellWithRecipe(cell, 'own mine', offered);
  expect(recipeOptions(foreign, []).filter(({ own }) => own)).toHaveLength(1);
  expect(recipeOptions(foreign, offered).filter(({ own }) => own)).toHaveLength(1);
});

test('what changed at home since it was chosen is offered, what did not is not', () => {
  const chosen = cellWithRecipe(cell, 'own mine', offered);
  const [mine] = offered;
  const now = [{ ...mine!, recipe: { ...mine!.recipe, title: 'My better pile' } }];
  expect(changedSince(chosen, offered)).toBeNull();
  expect(changedSince(chosen, now)).toBe(now[0]);
  expect(changedSince(chosen, [])).toBeNull();
  expect(changedSince(cell, now)).toBeNull();
});
