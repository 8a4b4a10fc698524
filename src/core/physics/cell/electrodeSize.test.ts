import { typicalModel, cellBuild } from '../recipes/cellBuild';
import { cellAmpsAt } from './cellModel';
import type { ElectrodeSize } from './scaleCell';
import { bodyOf } from '../recipes/recipe';
import { RECIPES } from '../recipes/recipes';

const fruit = RECIPES['copper-zinc-fruit'];
const kiwi = (size: ElectrodeSize) =>
  typicalModel(cellBuild(fruit, bodyOf(fruit, 'kiwi'), { size }));
const shorted = (change: Partial<ElectrodeSize>): number =>
  1000 * cellAmpsAt(kiwi({ ...fruit.usualSize, ...change }), 0);

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
  const small = kiwi({ ...fruit.usualSize, depthMillimetres: 5 });
  expect(small.emfVolts).toBe(kiwi(fruit.usualSize).emfVolts);
});
