import { cellAmpsAt } from './cellAmpsAt';
import { electrodeAreaSquareMetres, type ElectrodeSize } from './electrodeSize';
import { familyOf } from './families';
import { RECIPE_IDS } from './recipe';
import { bodyOf, RECIPES } from './recipes';
import { typicalCell } from './plannedCell';

test.each(RECIPE_IDS)(
  'the usual size of %s is the size that its typical readings belong to',
  (id) => {
    const { usualSize, family } = RECIPES[id];
    const { geometry } = familyOf(family);
    expect(electrodeAreaSquareMetres(usualSize) / geometry.areaSquareMetres).toBeCloseTo(1, 6);
    expect(usualSize.gapMillimetres / 1000).toBeCloseTo(geometry.gapMetres, 9);
  },
);

const fruit = RECIPES['copper-zinc-fruit'];
const shorted = (change: Partial<ElectrodeSize>): number =>
  1000 *
  cellAmpsAt(typicalCell(fruit, bodyOf(fruit, 'kiwi'), { ...fruit.usualSize, ...change }), 0);

test('nail to plate, one pair to three, 3 cm to 1 cm: the current rises, as practice has it', () => {
  const nail = shorted({});
  expect(shorted({ shape: 'plate', widthMillimetres: 25, depthMillimetres: 40 })).toBeGreaterThan(
    2 * nail,
  );
  expect(shorted({ pairs: 3 }) / nail).toBeCloseTo(3, 6);
  expect(shorted({ gapMillimetres: 10 })).toBeGreaterThan(1.02 * shorted({ gapMillimetres: 30 }));
  expect(shorted({ depthMillimetres: 20 })).toBeLessThan(nail);
});

test('the volts do not depend on the size', () => {
  const small = typicalCell(fruit, bodyOf(fruit, 'kiwi'), {
    ...fruit.usualSize,
    depthMillimetres: 5,
  });
  expect(small.emfVolts).toBe(typicalCell(fruit, bodyOf(fruit, 'kiwi')).emfVolts);
});
