import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { countLimits, withOwnWiring } from './arrangementEdits';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { createDocumentStore, type DocumentStore } from '@/ui/document/documentStore';

const titleOf = (store: DocumentStore<Plan>): string => store.store.getState().document.title;

test('edits can be undone and done again', () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  store.edit((plan) => ({ ...plan, title: 'B' }));
  store.edit((plan) => ({ ...plan, title: 'C' }));
  store.undo();
  expect(titleOf(store)).toBe('B');
  store.undo();
  store.undo();
  expect(titleOf(store)).toBe('A');
  store.redo();
  store.redo();
  expect(titleOf(store)).toBe('C');
});

test('typing in one field is one step, until something else happens', () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  store.edit((plan) => ({ ...plan, title: 'AB' }), 'title');
  store.edit((plan) => ({ ...plan, title: 'ABC' }), 'title');
  store.edit((plan) => ({ ...plan, minutes: 30 }), 'minutes');
  store.edit((plan) => ({ ...plan, title: 'D' }), 'title');
  store.undo();
  expect(titleOf(store)).toBe('ABC');
  store.undo();
  store.undo();
  expect(titleOf(store)).toBe('A');
});

test('parts that an edit leaves alone keep their identity', () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  const { cell, target } = store.store.getState().document;
  store.edit((plan) => ({ ...plan, title: 'B' }));
  expect(store.store.getState().document.cell).toBe(cell);
  expect(store.store.getState().document.target).toBe(target);
});

test('an edit that makes the plan invalid is a programmer error and changes nothing', () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  expect(() => store.edit((plan) => ({ ...plan, minutes: -1 }))).toThrow(
    'The time must be at least one second.',
  );
  expect(store.store.getState().document.minutes).toBe(10);
});

test('a version from elsewhere replaces the plan and its history', () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  store.edit((plan) => ({ ...plan, title: 'B' }));
  store.replace(newPlan('Other'));
  store.undo();
  expect(titleOf(store)).toBe('Other');
});

test('counts stay within what a plan can hold', () => {
  const plan = newPlan('A');
  const wiring = (cellsInSeries: number, strings: number) =>
    withOwnWiring(plan, { cellsInSeries, strings }).arrangement;
  expect(wiring(0, 0)).toEqual({ kind: 'own', cellsInSeries: 1, strings: 1 });
  expect(wiring(99, 1)).toEqual({ kind: 'own', cellsInSeries: 60, strings: 1 });
  expect(wiring(20, 50)).toEqual({ kind: 'own', cellsInSeries: 20, strings: 10 });
  expect(countLimits({ cellsInSeries: 10, strings: 10 })).toEqual({
    mostInSeries: 20,
    mostStrings: 20,
  });
});
