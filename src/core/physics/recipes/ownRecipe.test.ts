import { typicalModel, cellBuild } from './cellBuild';
import { describePath } from '../../result';
import { cellAmpsAt } from '../cell/cellModel';
import { ownRecipeFrom, RECIPE_DOCUMENT, recipeOfOwn } from './ownRecipe';
import type { OwnRecipe } from './ownRecipeSchema';
import { cautionsOfCell, RECIPE_IDS } from './recipe';
import { RECIPES } from './recipes';

test.each(RECIPE_IDS)('a copy of %s behaves like the original', (id) => {
  const shipped = RECIPES[id];
  const copy = recipeOfOwn(ownRecipeFrom(id));
  expect(RECIPE_DOCUMENT.parse(ownRecipeFrom(id)).ok).toBe(true);
  expect(copy).toMatchObject({
    plus: shipped.plus,
    bodies: shipped.bodies,
    ceilingVolts: shipped.ceilingVolts,
    breathes: shipped.breathes,
    restricted: shipped.restricted,
    cautions: cautionsOfCell(shipped, shipped.bodies[0]!),
    typical: shipped.typical,
  });
  const [body] = shipped.bodies;
  const original = typicalModel(cellBuild(shipped, body!));
  const own = typicalModel(cellBuild(copy, copy.bodies[0]));
  expect(own.emfVolts).toBeCloseTo(original.emfVolts, 12);
  // The usual size is rounded to millimetres, so the currents agree to some per cent.
  expect(cellAmpsAt(own, 0) / cellAmpsAt(original, 0)).toBeCloseTo(1, 1);
});

test('its own readings at its own size set the physics: the cell reads their middle', () => {
  for (const id of ['coin-pile-brine', 'juice-cup'] as const) {
    const own: OwnRecipe = {
      ...ownRecipeFrom(id),
      usualSize: {
        shape: 'plate',
        widthMillimetres: 20,
        depthMillimetres: 20,
        gapMillimetres: 5,
        metalMillimetres: 1,
        pairs: 2,
        extraPlus: 0,
        extraMinus: 0,
      },
      openVolts: { low: 0.6, high: 0.8 },
      shortAmps: { low: 2e-3, high: 8e-3 },
    };
    const recipe = recipeOfOwn(own);
    const cell = typicalModel(
      cellBuild(recipe, {
        ...recipe.bodies[0],
        openVolts: null,
        resistivityShare: 1,
        reactionShare: 1,
      }),
    );
    expect(cell.emfVolts).toBeCloseTo(0.7, 12);
    expect(cellAmpsAt(cell, 0)).toBeCloseTo(4e-3, 5);
    // Four times the area gives more current, four times the gap less.
    const larger = typicalModel(
      cellBuild(recipe, recipe.bodies[0], { size: { ...own.usualSize, pairs: 8 } }),
    );
    const wider = typicalModel(
      cellBuild(recipe, recipe.bodies[0], { size: { ...own.usualSize, gapMillimetres: 20 } }),
    );
    expect(cellAmpsAt(larger, 0)).toBeGreaterThan(cellAmpsAt(cell, 0));
    expect(cellAmpsAt(wider, 0)).toBeLessThan(cellAmpsAt(larger, 0));
  }
});

test('cautions, air and staff gating of the family cannot be taken away, others can be added', () => {
  const stripped = recipeOfOwn({
    ...ownRecipeFrom('dilute-sulfuric-acid'),
    cautions: ['carbon'],
    breathes: false,
  });
  expect(stripped.restricted).toBe(true);
  expect(stripped.cautions).toEqual(
    expect.arrayContaining([...RECIPES['dilute-sulfuric-acid'].cautions, 'carbon']),
  );
  expect(recipeOfOwn({ ...ownRecipeFrom('zinc-carbon-felt'), breathes: false }).breathes).toBe(
    true,
  );
});

test('other metals bring their own ceiling, unknown ones a guess from the readings', () => {
  const with_ = (plus: OwnRecipe['plus']['material'], minus: OwnRecipe['minus']['material']) =>
    recipeOfOwn({
      ...ownRecipeFrom('copper-zinc-fruit'),
      plus: { material: plus, part: 'strip' },
      minus: { material: minus, part: 'strip' },
    }).ceilingVolts;
  expect(with_('carbon', 'magnesium')).toBe(1.9);
  expect(with_('copper', 'steel')).toBeCloseTo(1.25, 12);
});

test('every fault of a broken recipe is named by its path', () => {
  const own = ownRecipeFrom('copper-zinc-fruit');
  const parsed = RECIPE_DOCUMENT.parse({
    ...own,
    title: '',
    openVolts: { low: 1, high: 0.5 },
    bodies: [own.bodies[0], { ...own.bodies[1], id: own.bodies[0]?.id, openVolts: -1 }],
    steps: [],
    cautions: ['dragons'],
  });
  expect(parsed.ok ? [] : parsed.issues.map(({ path }) => describePath(path)).sort()).toEqual([
    'bodies[1].openVolts',
    'cautions[0]',
    'steps',
    'title',
  ]);
  const crossed = RECIPE_DOCUMENT.parse({ ...own, openVolts: { low: 1, high: 0.5 } });
  expect(crossed.ok ? '' : describePath(crossed.issues[0]!.path)).toBe('openVolts.low');
  const twice = RECIPE_DOCUMENT.parse({ ...own, bodies: [own.bodies[0], own.bodies[0]] });
  expect(twice.ok ? '' : describePath(twice.issues[0]!.path)).toBe('bodies[1].id');
});

test('exported and imported it is the same, a copy is named as one', () => {
  const own = ownRecipeFrom('magnesium-air-rod');
  expect(RECIPE_DOCUMENT.parseText(RECIPE_DOCUMENT.text(own))).toEqual({ ok: true, value: own });
  expect(RECIPE_DOCUMENT.copyOf(own).title).toBe('Magnesium–air rod, my way (copy)');
  expect(RECIPE_DOCUMENT.fresh('Mine').title).toBe('Mine');
});
