/** @jest-environment jsdom */
import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { unsavedStore } from './unsaved';

const of = (id: string, storage: Storage = window.localStorage) =>
  unsavedStore({ kind: 'plans', id }, PLAN_DOCUMENT, storage);

test('changes are kept for their own document, read once more, and forgotten', () => {
  const unsaved = { document: newPlan('Lamp'), revision: 4 };
  expect(of('a').keep(unsaved)).toBe(true);
  expect(of('b').read()).toBeNull();
  expect(of('a').read()).toEqual(unsaved);
  of('a').forget();
  expect(of('a').read()).toBeNull();
});

test('what no schema takes is no offer, and a full browser says so', () => {
  window.localStorage.setItem('grozer unsaved plans a', '{"document":{"title":3},"revision":1}');
  expect(of('a').read()).toBeNull();
  window.localStorage.setItem('grozer unsaved plans a', 'no json');
  expect(of('a').read()).toBeNull();
  const full = {
    setItem: () => {
      throw new Error('QuotaExceededError');
    },
  } as unknown as Storage;
  expect(of('a', full).keep({ document: newPlan('Lamp'), revision: 1 })).toBe(false);
});
