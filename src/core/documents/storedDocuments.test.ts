import { PLAN_MIGRATIONS } from '../records/plan/migratePlan';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { DocumentFormat, TitledDocument } from '../formats/documentFormat';
import { RECIPE_DOCUMENT, recipeOfOwn } from '../physics/recipes/ownRecipe';
import { analyseFairTest } from '../records/fairTest/analyseFairTest';
import { FAIR_TEST_DOCUMENT } from '../records/fairTest/fairTestSchema';
import { PLAN_DOCUMENT } from '../records/plan/planDocument';
import { PLAN_VERSION } from '../records/plan/planSchema';
import { evaluatePlan } from '../work/judging/evaluatePlan';
import { verdictOf } from '../work/judging/verdict';
import { COINS_DOCUMENT } from './tools/coinsDocument';
import { CUPBOARD_DOCUMENT } from './tools/cupboardDocument';
import { METALS_DOCUMENT } from './tools/metalsDocument';
import { MIXING_DOCUMENT } from './tools/mixingDocument';
import { TWO_SOLUTIONS_DOCUMENT } from './tools/twoSolutionsDocument';

/** Documents as each version of Grozer wrote them, kept unchanged. A new version of a format adds a file of the one before. */
const STORED = join(__dirname, '../../testing/core/stored');

interface Stored {
  readonly format: string;
  readonly version: number;
  readonly title: string;
}

const stored = (file: string): Stored[] =>
  JSON.parse(readFileSync(join(STORED, file), 'utf8')) as Stored[];
const cases = (pattern: RegExp): [name: string, document: Stored][] =>
  readdirSync(STORED)
    .filter((file) => pattern.test(file))
    .flatMap(stored)
    .map((one) => [`${one.format} ${one.version}: ${one.title}`, one]);

const FORMATS = [
  PLAN_DOCUMENT,
  RECIPE_DOCUMENT,
  FAIR_TEST_DOCUMENT,
  CUPBOARD_DOCUMENT,
  MIXING_DOCUMENT,
  TWO_SOLUTIONS_DOCUMENT,
  METALS_DOCUMENT,
  COINS_DOCUMENT,
] as unknown as readonly DocumentFormat<TitledDocument>[];

test.each(cases(/json$/))('%s is read, and read again as it was', (_, document) => {
  const format = FORMATS.find((one) => one.fresh('x').format === document.format);
  if (format === undefined) throw new Error(`nothing reads ${document.format}`);
  const read = format.parse(document);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  expect(read.value.title).toBe(document.title);
  expect(read.value.version).toBe(format.fresh('x').version);
  expect(format.parse(JSON.parse(format.text(read.value)))).toEqual(read);
});

test('there is a stored plan of every version that is read, before this one', () => {
  const versions = new Set(cases(/^plan-v/).map(([, { version }]) => version));
  expect(versions).toContain(PLAN_VERSION - 1);
  expect([...versions].sort((a, b) => a - b)).toEqual(Object.keys(PLAN_MIGRATIONS).map(Number));
});

test.each(cases(/^plan-v/))('%s keeps its wish and its wiring, and is judged', (_, document) => {
  const read = PLAN_DOCUMENT.parse(document);
  if (!read.ok) throw new Error('it is not read');
  const before = document as unknown as Record<
    'target' | 'arrangement' | 'lessonDate' | 'minutes',
    unknown
  >;
  expect(read.value.minutes).toBe(before.minutes);
  expect(read.value.lessonDate).toBe(before.lessonDate);
  expect(read.value.target).toMatchObject(before.target as object);
  expect(read.value.arrangement).toMatchObject(before.arrangement as object);
  const evaluation = evaluatePlan(read.value);
  expect(evaluation.amps).toBeGreaterThan(0);
  expect(verdictOf(evaluation).headline).toMatch(/^(Lights|Runs|Sounds) the /);
});

test('an old recipe gives a cell, an old fair test its ranking', () => {
  for (const [, document] of cases(/^recipe/)) {
    const read = RECIPE_DOCUMENT.parse(document);
    expect(read.ok && recipeOfOwn(read.value).typical.openVoltsLow).toBeGreaterThan(0.3);
  }
  for (const [, document] of cases(/^fair/)) {
    const read = FAIR_TEST_DOCUMENT.parse(document);
    expect(read.ok && analyseFairTest(read.value).ranking[0]?.name).toBe('rhubarb');
  }
});
