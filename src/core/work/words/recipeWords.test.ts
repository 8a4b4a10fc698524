import { usualCell } from '../../../testing/core/cells';
import { CHARCOAL_FILMS } from '../../physics/cell/films';
import { LIQUID_FACTS } from '../../physics/recipes/liquids';
import { ELECTROLYTE_RECIPES } from '../../physics/recipes/mixingBench';
import { SOLUTE_FACTS, SPOON_MILLILITRES } from '../../physics/recipes/mixing';
import { bodyOf, RECIPE_IDS, type RecipeId } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_RUNNING, usualWrap, WRAP_NAMES, wrapsFor } from '../../records/plan/runningSchema';
import { lifeUnder, lifeWords } from './lifeWords';

const HOUR = 3600;
const DAY = 24 * HOUR;
const life = (id: RecipeId, wrap: 'open' | 'usual', body?: string): number => {
  const recipe = RECIPES[id];
  const cell = usualCell(recipe, body === undefined ? undefined : bodyOf(recipe, body));
  return lifeUnder(cell, USUAL_RUNNING, wrap === 'open' ? 'open' : usualWrap(recipe)).seconds;
};

test('how long a cell lasts stands in no recipe’s text: the model says it, one place for one fact', () => {
  for (const id of RECIPE_IDS) {
    const { note, endsLife } = RECIPES[id];
    expect(endsLife).not.toMatch(/\b(minutes?|hours?|days?|weeks?)\b/);
    // The one time that a note names is that of the films, which is compared below.
    if (id !== 'aluminium-air-acid') expect(note).not.toMatch(/\b(hours?|days?|weeks?)\b/);
  }
});

/** Common practice, no source: handbook ranges for cells that are left standing, seconds. */
const PRACTICE: readonly (readonly [RecipeId, 'open' | 'usual', number, number])[] = [
  ['coin-pile-brine', 'open', 2 * HOUR, DAY],
  ['coin-pile-brine', 'usual', DAY, 30 * DAY],
  ['one-coin-pile', 'open', 2 * HOUR, DAY],
  ['one-coin-pile', 'usual', DAY, 30 * DAY],
  ['nickel-zinc-pile', 'open', 2 * HOUR, DAY],
  ['nickel-zinc-pile', 'usual', DAY, 30 * DAY],
  ['copper-zinc-fruit', 'usual', 2 * DAY, 7 * DAY],
  ['root-vegetable', 'usual', 2 * DAY, 7 * DAY],
  ['juice-cup', 'usual', 6 * HOUR, 4 * DAY],
];

test.each(PRACTICE)(
  '%s, %s: the model keeps to what practitioners see',
  (id, wrap, least, most) => {
    const seconds = life(id, wrap);
    expect(seconds).toBeGreaterThanOrEqual(least);
    expect(seconds).toBeLessThanOrEqual(most);
  },
);

test('“taped round it lasts far longer” is true of every pile that says so', () => {
  for (const id of RECIPE_IDS.filter((one) => RECIPES[one].endsLife.includes('taped round'))) {
    expect(life(id, 'usual')).toBeGreaterThan(3 * life(id, 'open'));
  }
});

test('“to under half within a few minutes” is what the films of charcoal in acid do', () => {
  const { fastShare, fastSeconds, slowShare, slowSeconds } = CHARCOAL_FILMS;
  const left = (seconds: number): number =>
    1 /
    (1 +
      fastShare * (1 - Math.exp(-seconds / fastSeconds)) +
      slowShare * (1 - Math.exp(-seconds / slowSeconds)));
  expect(RECIPES['aluminium-air-acid'].note).toContain('under half within a few minutes');
  expect(left(60)).toBeGreaterThan(0.5);
  expect(left(300)).toBeLessThan(0.5);
});

test('spoons and grams in the steps are those of the mixing cards', () => {
  // One level tablespoon of table salt: 15 mL at 1.2 g/mL.
  const spoon = SPOON_MILLILITRES.tablespoon * SOLUTE_FACTS['table salt'].gramsPerMillilitre;
  expect(LIQUID_FACTS.brine.mixing).toContain('1 tablespoon of salt into 100 mL');
  expect(spoon).toBeCloseTo(ELECTROLYTE_RECIPES.brine.solutes[0]?.gramsPer100 ?? 0, 9);
  const salted = ELECTROLYTE_RECIPES['vinegar-and-salt'].solutes[0]?.gramsPer100 ?? 0;
  expect(LIQUID_FACTS['salt-vinegar'].mixing).toContain(`${salted} g of salt into 100 mL`);
});

test('every recipe has its words about time: covers are named where they differ, no life is told twice', () => {
  for (const id of RECIPE_IDS) {
    const recipe = RECIPES[id];
    const words = lifeWords(usualCell(recipe), USUAL_RUNNING);
    const lives = words.match(/about [^;]*[a-z]|for weeks/g) ?? [];
    expect(lives).not.toEqual([]);
    const named = wrapsFor(recipe).filter((wrap) => words.includes(` ${WRAP_NAMES[wrap]} `));
    expect(named).toEqual(lives.length > 1 ? wrapsFor(recipe) : []);
    expect([...new Set(lives)]).toEqual(lives);
  }
});
