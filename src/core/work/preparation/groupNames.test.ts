import type { LessonPlan } from '../lesson/lessonPlan';
import { benchName, groupNames } from './groupNames';

test('after twelve birds they begin again with a number', () => {
  const names = groupNames(25);
  expect(new Set(names).size).toBe(25);
  expect([names[0], names[12], names[24]]).toEqual(['Curlew', 'Curlew 2', 'Curlew 3']);
});

test('what an adult shows is no group; what a group read before it became a demonstration stays the group’s', () => {
  const inLesson = (pupilSheet: boolean) => ({ gate: { pupilSheet } as LessonPlan['gate'] });
  expect(benchName('Curlew', inLesson(true))).toBe('group Curlew');
  expect(benchName('Curlew', inLesson(false))).toBe('the demonstration');
  expect(benchName('Tern', inLesson(false))).toBe('group Tern');
});
