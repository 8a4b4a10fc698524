import { RECIPE_IDS, RECIPES } from '../chemistry/recipes';
import { cautionsOfRecipe, cautionsOfVolts } from './cautions';

test.each(RECIPE_IDS)('the recipe %s carries cautions', (id) => {
  const ids = cautionsOfRecipe(RECIPES[id]).map((caution) => caution.id);
  expect(ids.length).toBeGreaterThan(0);
  if (RECIPES[id].drawing === 'fruit') expect(ids).toContain('food');
  if (RECIPES[id].drawing === 'pile') expect(ids).toContain('coins');
});

test('volts: nothing to 30 V, adult only above, refused above 60 V (IEC 61140, from memory)', () => {
  expect([5, 30, 31, 60, 61].map((volts) => cautionsOfVolts(volts).map(({ id }) => id))).toEqual([
    [],
    [],
    ['over-30'],
    ['over-30'],
    ['over-60'],
  ]);
});
