/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { newPlan } from '@/core/records/plan/newPlan';
import { createDocumentStore } from './documentStore';
import { useUndo } from './useUndo';

function opened() {
  const plan = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  const cupboard = createDocumentStore(CUPBOARD_DOCUMENT, CUPBOARD_DOCUMENT.fresh('A'));
  const stores = [plan, cupboard];
  const { result } = renderHook(() => useUndo(stores));
  const named = (
    store: { edit: typeof plan.edit | typeof cupboard.edit },
    title: string,
    typing: string | null = null,
  ): void => act(() => (store as typeof plan).edit((before) => ({ ...before, title }), typing));
  return {
    plan: (title: string, typing?: string) => named(plan, title, typing),
    cupboard: (title: string) => named(cupboard, title),
    undo: () => act(() => result.current.undo?.()),
    redo: () => act(() => result.current.redo?.()),
    can: () => [result.current.undo !== null, result.current.redo !== null],
    titles: () => [plan, cupboard].map(({ store }) => store.getState().document.title).join(''),
  };
}

test('what was edited last is taken back first, whichever document it is in, and comes again in turn', () => {
  const { plan, cupboard, undo, redo, can, titles } = opened();
  expect(can()).toEqual([false, false]);
  plan('B');
  cupboard('B');
  plan('C');
  const seen = ['AA', 'BA', 'BB', 'CB'];
  expect(titles()).toBe(seen[3]);
  for (const index of [2, 1, 0]) {
    undo();
    expect(titles()).toBe(seen[index]);
  }
  expect(can()).toEqual([false, true]);
  for (const index of [1, 2, 3]) {
    redo();
    expect(titles()).toBe(seen[index]);
  }
  expect(can()).toEqual([true, false]);
});

test('typing in one field is two steps where another document was edited in between', () => {
  const { plan, cupboard, undo, titles } = opened();
  plan('B', 'title');
  plan('C', 'title');
  cupboard('B');
  plan('D', 'title');
  expect(titles()).toBe('DB');
  for (const seen of ['CB', 'CA', 'AA']) {
    undo();
    expect(titles()).toBe(seen);
  }
});

test('after another edit what was taken back does not come again', () => {
  const { plan, cupboard, undo, redo, can, titles } = opened();
  cupboard('B');
  undo();
  plan('B');
  expect(can()).toEqual([true, false]);
  redo();
  expect(titles()).toBe('BA');
});
