import fc from 'fast-check';
import { ROOM_CELSIUS } from '../../constants';
import { gridDesk } from '../desk/desk';
import { cellAmpsAt } from '../cell/cellModel';
import type { ElectrodeSize } from '../cell/scaleCell';
import { ledModelOf } from '../circuit/load/ledPresets';
import { plannedCell } from '../readings/plannedCell';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { endOfBattery } from '../../work/search/batteryInTime';
import { cellBuild, corrosionAmpsOf, metalCoulombsOf, metalGramsOf } from './cellBuild';
import { RECIPE_IDS } from './recipe';
import { RECIPES } from './recipes';

const build = (id: (typeof RECIPE_IDS)[number], size: Partial<ElectrodeSize> = {}) => {
  const recipe = RECIPES[id];
  return cellBuild(recipe, recipe.bodies[0], { size: { ...recipe.usualSize, ...size } });
};

/**
 * @check the charge in the metal that stands in the wet
 * @origin closed form: Faraday, 2F/M with CRC molar masses and densities; sizes worked out by hand: a nail of 3 × 40 mm with 8 µm of zinc, a
 * washer of 19 mm with 8 µm, 30 cm of magnesium ribbon of 3 × 0.2 mm
 * @tolerance 2 %
 */
test.each([
  ['copper-zinc-fruit', 0.021, 63],
  ['coin-pile-brine', 0.0162, 48],
  ['magnesium-air-rod', 0.313, 2480],
] as const)('%s: %p g hold %p C', (id, grams, coulombs) => {
  expect(metalGramsOf(build(id)) / grams).toBeCloseTo(1, 1);
  expect(Math.abs(metalCoulombsOf(build(id)) / coulombs - 1)).toBeLessThan(0.02);
});

test('a coating is never thicker than the bar that it is on', () => {
  const solid = metalGramsOf(build('copper-zinc-fruit', { metalMillimetres: 1.5 }));
  // A rod of 3 × 40 mm of zinc, 7.14 g/cm³.
  expect(solid).toBeCloseTo(Math.PI * 0.15 ** 2 * 4 * 7.14, 6);
  expect(metalGramsOf(build('copper-zinc-fruit', { metalMillimetres: 5 }))).toBeCloseTo(solid, 9);
});

const SHIPPED = RECIPE_IDS.filter((id) => !RECIPES[id].restricted && id !== 'concentration');
const LED = { kind: 'led', led: ledModelOf('red') } as const;

function lifeAndAmps(one: ReturnType<typeof build>) {
  const cell = plannedCell(one, ROOM_CELSIUS);
  const inSeries = Math.ceil(2.2 / cell.model.emfVolts);
  const end = endOfBattery(gridDesk(cell, inSeries, 1), { load: LED }, USUAL_RUNNING);
  return { seconds: end.seconds, amps: cellAmpsAt(cell.model, 0) };
}

test.each(SHIPPED)(
  '%s: longer, thicker or more metal never ends sooner and never gives less',
  (id) => {
    const { usualSize } = RECIPES[id];
    fc.assert(
      fc.property(
        fc.constantFrom('longer', 'thicker', 'pairs', 'minus'),
        fc.double({ min: 1.05, max: 4, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (kind, more, from) => {
          const start = { depthMillimetres: usualSize.depthMillimetres * from };
          const changed: Partial<ElectrodeSize> = {
            longer: { depthMillimetres: start.depthMillimetres * more },
            thicker: { ...start, metalMillimetres: usualSize.metalMillimetres * more },
            pairs: { ...start, pairs: Math.ceil(more) },
            minus: { ...start, extraMinus: Math.ceil(more) },
          }[kind];
          const before = lifeAndAmps(build(id, start));
          const after = lifeAndAmps(build(id, changed));
          expect(after.amps).toBeGreaterThanOrEqual(before.amps * (1 - 1e-9));
          expect(after.seconds).toBeGreaterThanOrEqual(before.seconds * 0.97);
        },
      ),
      { numRuns: 25, seed: 31 },
    );
  },
);

test('more of the + metal corrodes the − metal no faster; a rod left unused is there the next day', () => {
  for (const id of RECIPE_IDS) {
    expect(corrosionAmpsOf(build(id, { extraPlus: 3 }))).toBe(corrosionAmpsOf(build(id)));
  }
  for (const body of RECIPES['magnesium-air-rod'].bodies) {
    const rod = cellBuild(RECIPES['magnesium-air-rod'], body);
    expect(metalCoulombsOf(rod) / corrosionAmpsOf(rod)).toBeGreaterThan(86_400);
  }
});
