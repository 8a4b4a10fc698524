import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import { logRequestSchema } from '@/core/records/logbook/logEntry';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { verdictOf } from '@/core/work/judging/verdict';
import { groupNames } from '@/core/work/preparation/groupNames';
import { DEMO_CUPBOARD } from './demoCupboard';
import { DEMO_FAIR_TEST } from './demoFairTest';
import { DEMO_LOG } from './demoLog';
import { demoPlan, DEMO_PLANS } from './demoPlans';
import { DEMO_RECIPE } from './demoRecipe';
import { DEMO_SCHOOL } from './demoSchool';

const stored = (document: unknown): unknown => JSON.parse(JSON.stringify(document));

test('everything in the demo scenario is a document of today’s version', () => {
  for (const { id, plan } of DEMO_PLANS) {
    expect([id, PLAN_DOCUMENT.parse(stored(plan))]).toEqual([id, { ok: true, value: plan }]);
  }
  expect(DOCUMENT_FORMATS.recipes.parse(stored(DEMO_RECIPE.recipe)).ok).toBe(true);
  expect(DOCUMENT_FORMATS['fair-tests'].parse(stored(DEMO_FAIR_TEST.test)).ok).toBe(true);
  expect(DOCUMENT_FORMATS.school.parse(stored(DEMO_SCHOOL)).ok).toBe(true);
  expect(DOCUMENT_FORMATS.cupboard.parse(stored(DEMO_CUPBOARD)).ok).toBe(true);
});

test('every plan of the scenario works, and is recommended', () => {
  for (const { id, plan } of DEMO_PLANS) {
    expect([id, verdictOf(evaluatePlan(plan)).tone]).toEqual([id, 'fine']);
  }
  expect(() => demoPlan('demo-foghorn')).toThrow('demo-foghorn');
});

test('the log is of the lamp, can be taken in, and its groups are the birds of the app', () => {
  expect(DEMO_PLANS.some(({ id }) => id === DEMO_LOG.planId)).toBe(true);
  const ids = DEMO_LOG.requests.map(({ entryId }) => entryId);
  expect(new Set(ids).size).toBe(ids.length);
  const birds = groupNames(6);
  for (const request of DEMO_LOG.requests) {
    expect(logRequestSchema.safeParse(stored(request)).success).toBe(true);
    expect(birds).toContain(request.group);
  }
});

test('the six plants can be told apart', () => {
  const { ranking, difference } = analyseFairTest(DEMO_FAIR_TEST.test);
  expect(ranking).toHaveLength(6);
  // Ranked by volts, as the test asks.
  expect(ranking[0]?.name).toBe('rhubarb');
  expect(difference).not.toBeNull();
});
