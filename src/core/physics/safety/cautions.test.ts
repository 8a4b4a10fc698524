import { RECIPE_IDS } from '../recipes/recipe';
import { RECIPES } from '../recipes/recipes';
import { cautionIdsOfBattery, cautionsOf } from './cautions';

test.each(RECIPE_IDS)('the recipe %s carries the cautions of what it is made of', (id) => {
  const recipe = RECIPES[id];
  const texts = cautionsOf(recipe.cautions).map(({ text }) => text);
  expect(texts.length).toBeGreaterThan(0);
  expect(texts.every((text) => text.length > 20)).toBe(true);
  const carries = (caution: (typeof recipe.cautions)[number]): boolean =>
    recipe.cautions.includes(caution);
  if (recipe.look === 'fruit') expect(carries('food')).toBe(true);
  if (recipe.plus.part.includes('coin')) expect(carries('coins')).toBe(true);
  if (recipe.minus.material === 'magnesium') expect(carries('magnesium')).toBe(true);
  if (recipe.look === 'vessels') expect(carries('metal-salts')).toBe(true);
  if (recipe.restricted) expect(carries('strong-acid')).toBe(true);
  // A cell that breathes says so: its carbon side is never taped shut.
  if (recipe.breathes) expect(`${recipe.note} ${recipe.steps.join(' ')}`).toMatch(/air/);
});

test('volts: nothing to 30 V, adult only above, refused above 60 V (IEC 61140, from memory)', () => {
  expect([5, 30, 31, 60, 61].map((volts) => cautionIdsOfBattery(volts, 0.02))).toEqual([
    [],
    [],
    ['over-30'],
    ['over-30'],
    ['over-60'],
  ]);
});

test('amperes: a short of more than 100 mA heats a wire (common practice, no source)', () => {
  expect([0.02, 0.1, 0.11].map((amps) => cautionIdsOfBattery(2, amps))).toEqual([
    [],
    [],
    ['short-circuit'],
  ]);
});
