import { newPlan } from '@/core/plan/newPlan';
import { planText } from '@/core/plan/parsePlan';
import { openDatabase } from '@/data/openDatabase';
import { createPlanRepository } from '@/data/planRepository';
import { plans } from '@/data/schema';
import type { ServerContext } from './context';
import { createPlan } from './createPlan';
import { duplicatePlan } from './duplicatePlan';
import { importPlan } from './importPlan';
import { listShelf } from './listShelf';
import { savePlan } from './savePlan';

const fresh = () => {
  const db = openDatabase(':memory:');
  let time = 0;
  let count = 0;
  const context: ServerContext = {
    plans: createPlanRepository(db),
    now: () => (time += 1),
    newId: () => `plan-${(count += 1)}`,
  };
  return { db, context };
};

test('the shelf sums up what each plan will do', () => {
  const { context } = fresh();
  createPlan(context, 'Lamp');
  const [entry] = listShelf(context);
  expect(entry).toMatchObject({
    id: 'plan-1',
    summary: {
      ok: true,
      value: {
        title: 'Lamp',
        look: 'fruit',
        plus: 'copper',
        minus: 'zinc',
        verdict: { tone: 'fine' },
      },
    },
  });
});

test('a stored document that cannot be read does not hide the others', () => {
  const { db, context } = fresh();
  createPlan(context, 'Lamp');
  db.insert(plans)
    .values({ id: 'bad', document: '{', revision: 1, createdAt: 9, updatedAt: 9 })
    .run();
  const entries = listShelf(context);
  expect(entries.map(({ summary }) => summary.ok)).toEqual([false, true]);
});

test('a copy of a plan with the longest title keeps within the limit', () => {
  const { context } = fresh();
  const { id } = createPlan(context, 'x'.repeat(80));
  const copy = duplicatePlan(context, id);
  const found = context.plans.find(copy?.id ?? '');
  expect(found?.plan.ok && found.plan.value.title).toHaveLength(80);
  expect(found?.plan.ok && found.plan.value.title.endsWith('(copy)')).toBe(true);
  expect(duplicatePlan(context, 'none')).toBeNull();
});

test('importing a broken file puts nothing on the shelf', () => {
  const { context } = fresh();
  expect(importPlan(context, '{"version":1}').ok).toBe(false);
  expect(listShelf(context)).toEqual([]);
  expect(importPlan(context, planText(newPlan('Bell')))).toEqual({
    ok: true,
    value: { id: 'plan-1' },
  });
});

test('saving moves a plan to the front of the shelf', () => {
  const { context } = fresh();
  const first = createPlan(context, 'First');
  createPlan(context, 'Second');
  savePlan(context, first.id, newPlan('First again'), 1);
  expect(listShelf(context).map(({ id }) => id)).toEqual(['plan-1', 'plan-2']);
});
