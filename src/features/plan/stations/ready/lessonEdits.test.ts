import { newPlan } from '@/core/records/plan/newPlan';
import { planSchema } from '@/core/records/plan/planSchema';
import { newJoinCode } from './PrintsPart';
import { withLesson, withSwapped, withTaskMoved, withTicked } from './lessonEdits';

const plan = newPlan('Lamp');

test('ticks and cheaper parts go on once and off again; the plan they came from stays', () => {
  const ticked = withTicked(withTicked(plan, 'food', true), 'food', true);
  expect(ticked.lesson.ticked).toEqual(['food']);
  expect(withTicked(ticked, 'food', false).lesson.ticked).toEqual([]);
  const swapped = withSwapped(plan, 'clip-lead', true);
  expect(swapped.lesson.swapped).toEqual(['clip-lead']);
  expect(withSwapped(swapped, 'clip-lead', false).lesson).toEqual(plan.lesson);
  expect(plan.lesson.ticked).toEqual([]);
});

test('a moved task is remembered by its name; every edit leaves a valid plan', () => {
  const moved = withTaskMoved(
    withTaskMoved(plan, 'buy', '2027-01-26T09:00:00'),
    'buy',
    '2027-01-27T09:00:00',
  );
  expect(moved.lesson.moved).toEqual({ buy: '2027-01-27T09:00:00' });
  const coded = withLesson(moved, { joinCode: newJoinCode() });
  expect(planSchema.safeParse(coded).success).toBe(true);
});

test('join codes are six signs that are not taken for one another, and differ', () => {
  const codes = Array.from({ length: 50 }, newJoinCode);
  for (const code of codes) expect(code).toMatch(/^[A-HJ-NP-Z2-9]{6}$/);
  expect(new Set(codes).size).toBe(50);
});
