import { newPlan } from '@/core/records/plan/newPlan';
import { freshBench } from '@/testing/server/benchForTests';
import { emptyBin, listBin } from './bin';

const DAY = 86_400_000;

test('what was deleted lies in the bin for thirty days, then it is gone for good', () => {
  const context = freshBench();
  const plans = context.documents('plans');
  plans.insert('q', newPlan('Clock'), context.time);
  plans.remove('p', context.time);
  plans.remove('q', context.time + 5 * DAY);
  expect(listBin(context).map(({ title }) => title)).toEqual(['Clock', 'Lamp']);
  context.time += 31 * DAY;
  expect(listBin(context).map(({ id }) => id)).toEqual(['q']);
  emptyBin(context);
  expect(listBin(context).map(({ id }) => id)).toEqual(['q']);
  expect(plans.restore('p')).toBe(false);
  expect(plans.restore('q')).toBe(true);
  expect(listBin(context)).toEqual([]);
});
