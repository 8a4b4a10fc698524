import { bodyOf, cautionsOfCell, RECIPE_IDS, type RecipeId } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { wasteWords } from '../../physics/recipes/waste';
import type { CautionId } from '../../physics/safety/cautions';
import { cautionsForPupils } from '../../physics/safety/cautions';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { wrapsFor } from '../../records/plan/runningSchema';
import { EMPTY_CUPBOARD } from '../../records/cupboard/cupboardSchema';
import { guideOfPlan } from '../guide/guideOfPlan';
import { evaluatePlan } from '../judging/evaluatePlan';
import { originWords } from './cautionsOfPlan';
import { lessonFacts } from './sheets/lessonFacts';
import { labelsSheet } from './sheets/teacherSheets';
import { pupilSheet } from './sheets/pupilSheet';

interface Row {
  /** What its bodies have in common. */
  readonly hazards: readonly CautionId[];
  /** What some of its bodies add. */
  readonly of?: Readonly<Record<string, readonly CautionId[]>>;
  /** Where it goes afterwards. */
  readonly waste: RegExp;
  /** May stand closed airtight. */
  readonly airtight?: true;
}

/** Which hazards each recipe has. */
const HAZARDS: Readonly<Record<RecipeId, Row>> = {
  'copper-zinc-fruit': {
    hazards: ['food', 'sharp', 'allergies', 'hydrogen', 'galvanised'],
    waste: /^Food/,
  },
  'root-vegetable': {
    hazards: ['food', 'sharp', 'allergies', 'hydrogen', 'galvanised'],
    waste: /^Food/,
  },
  'juice-cup': {
    hazards: ['food'],
    of: {
      'rhubarb-juice': ['weak-acid', 'hydrogen', 'allergies', 'rhubarb'],
      'lemon-juice': ['weak-acid', 'hydrogen', 'allergies'],
      vinegar: ['weak-acid', 'hydrogen'],
      brine: ['hot-water'],
      'salt-vinegar': ['weak-acid', 'hydrogen'],
    },
    waste: /hold zinc/,
  },
  'coin-pile-brine': {
    hazards: ['coins', 'sharp', 'galvanised'],
    of: { felt: ['hot-water'], 'felt-vinegar': ['weak-acid', 'hydrogen'] },
    waste: /hold zinc/,
  },
  'one-coin-pile': {
    hazards: ['coins', 'dust', 'weak-acid', 'hydrogen'],
    of: { 'card-lemon': ['allergies', 'food'] },
    waste: /hold zinc/,
  },
  'nickel-zinc-pile': {
    hazards: ['coins', 'allergies', 'weak-acid', 'hydrogen', 'sharp'],
    waste: /hold zinc/,
  },
  'aluminium-air-brine': { hazards: ['sharp', 'hydrogen', 'carbon'], waste: /poured away/ },
  'aluminium-air-acid': {
    hazards: ['sharp', 'hydrogen', 'carbon', 'weak-acid'],
    waste: /poured away/,
  },
  'magnesium-graphite': { hazards: ['magnesium', 'hydrogen', 'carbon'], waste: /poured away/ },
  'magnesium-air-rod': {
    hazards: ['magnesium', 'hydrogen', 'carbon', 'short-circuit'],
    waste: /poured away/,
  },
  'zinc-carbon-felt': { hazards: ['short-circuit', 'carbon', 'sharp'], waste: /hold zinc/ },
  'two-solution': { hazards: ['metal-salts'], waste: /never into the sink/, airtight: true },
  concentration: { hazards: ['metal-salts'], waste: /never into the sink/, airtight: true },
  'dilute-sulfuric-acid': {
    hazards: ['strong-acid', 'hydrogen', 'short-circuit'],
    waste: /hold zinc/,
  },
};

const planOf = (id: RecipeId, body: string): Plan => {
  const fresh = newPlan('Lamp');
  return {
    ...fresh,
    cell: { ...fresh.cell, recipe: id, body } as Plan['cell'],
    arrangement: { kind: 'own', cellsInSeries: 2, strings: 1 },
  };
};

/**
 * @check hazards of every recipe
 * @origin common practice: what teachers look out for with dissolved metals in food, knives and foil, acids, hydrogen, magnesium, salts, currents that heat and allergies; no source
 * @tolerance none
 */
test.each(RECIPE_IDS.flatMap((id) => RECIPES[id].bodies.map((body) => [id, body.id] as const)))(
  '%s with %s: each hazard stands on screen, at the step, on the sheets and labels',
  (id, bodyId) => {
    const recipe = RECIPES[id];
    const body = bodyOf(recipe, bodyId);
    const row = HAZARDS[id];
    const wanted = [...row.hazards, ...(row.of?.[bodyId] ?? [])];
    const carried = cautionsOfCell(recipe, body);
    expect(carried).toEqual(expect.arrayContaining(wanted));
    expect(wasteWords(recipe, body)).toMatch(row.waste);
    expect(wrapsFor(recipe).includes('sealed')).toBe(row.airtight === true);
    if (carried.includes('hydrogen')) expect(wrapsFor(recipe)).not.toContain('sealed');

    const plan = planOf(id, bodyId);
    const evaluation = evaluatePlan(plan);
    const facts = lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: 'p' });
    expect(facts.cautions.map((one) => one.id)).toEqual(expect.arrayContaining(wanted));
    const [prepare] = guideOfPlan(plan, evaluation);
    expect(prepare?.cautions.map((one) => one.id)).toEqual(expect.arrayContaining(wanted));
    const labels = JSON.stringify(labelsSheet(facts));
    expect(labels).toContain(wasteWords(recipe, body));
    const clear = facts.course.phases.find((phase) => phase.id === 'clear');
    expect(clear?.say).toContain(wasteWords(recipe, body));
    if (recipe.restricted) return;
    const sheet = JSON.stringify(pupilSheet(facts, 'simple').blocks[0]);
    const [worst] = cautionsForPupils(carried);
    if (worst !== undefined) expect(sheet).toContain(worst.text);
    if (carried.includes('short-circuit')) {
      expect(JSON.stringify(pupilSheet(facts, 'standard').blocks[0])).toContain('10 A socket');
    }
  },
);

test('many weak cells side by side heat a wire as a strong one does: on screen, at the step, on the sheet', () => {
  const beside = (strings: number) => {
    const plan: Plan = {
      ...planOf('aluminium-air-acid', RECIPES['aluminium-air-acid'].bodies[0].id),
      arrangement: { kind: 'own', cellsInSeries: 1, strings },
    };
    const evaluation = evaluatePlan(plan);
    const facts = lessonFacts(plan, evaluation, { cupboard: EMPTY_CUPBOARD, planId: 'p' });
    const from = facts.cautions.find(({ id }) => id === 'short-circuit')?.from.map(originWords);
    const join = guideOfPlan(plan, evaluation).find(({ id }) => id === 'join');
    const sheet = JSON.stringify(pupilSheet(facts, 'simple').blocks);
    return [from, join?.cautions.map(({ id }) => id), /it gets hot/.test(sheet)];
  };
  // Such a cell gives 10 to 40 mA when shorted: two of them less than a tenth of an ampere, sixty more than one.
  expect(beside(2)).toEqual([undefined, [], false]);
  expect(beside(60)).toEqual([['arrangement: strings side by side'], ['short-circuit'], true]);
});

test('allergies name the food in use', () => {
  const plan = planOf('copper-zinc-fruit', 'kiwi');
  const steps = guideOfPlan(plan, evaluatePlan(plan));
  const text = steps[0]?.cautions.find(({ id }) => id === 'allergies')?.text;
  expect(text).toBe('Ask about allergies beforehand: to kiwi, nickel and latex.');
  const pile = planOf('nickel-zinc-pile', 'paper-vinegar');
  const ofPile = guideOfPlan(pile, evaluatePlan(pile)).flatMap(({ cautions }) => cautions);
  expect(ofPile.find(({ id }) => id === 'allergies')?.text).toBe(
    'Ask about allergies beforehand: to nickel and latex.',
  );
});

test('children read the most dangerous first', () => {
  const ids: CautionId[] = ['food', 'sharp', 'magnesium', 'weak-acid'];
  expect(cautionsForPupils(ids).map(({ id }) => id)).toEqual([
    'magnesium',
    'weak-acid',
    'sharp',
    'food',
  ]);
});
