/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { laidOutGrid } from '@/core/physics/desk/deskEdits';
import type { Plan } from '@/core/records/plan/planSchema';
import { expectAccessible } from '@/testing/ui/accessible';
import { navigation } from '@/testing/ui/navigation';
import { showPlan } from '@/testing/ui/planPage';
import { SHORTCUTS } from './useShortcuts';

const PLAN: Plan = {
  ...demoPlan('demo-lamp'),
  arrangement: { kind: 'own', cellsInSeries: 4, strings: 3 },
};

let shown: Plan | null = null;
afterEach(() => {
  shown = null;
});

/** What a key did: where it led, or how the battery is wired then and whether that is an edit, which is undone. */
function done(
  key: string,
  how: { shiftKey?: boolean; ctrlKey?: boolean } = {},
  plan = PLAN,
): string {
  navigation.pushed.length = 0;
  if (shown !== plan) {
    cleanup();
    showPlan(plan, 'arrange');
    shown = plan;
  }
  fireEvent.keyDown(document.body, { key, code: key, ...how });
  fireEvent.keyUp(document.body, { key, code: key, ...how });
  const [cells, strings] = ['cells in a string', 'strings side by side'].map(
    (name) => screen.getByRole('group', { name }).querySelector('[aria-live]')?.textContent,
  );
  const undo = screen.getByRole<HTMLButtonElement>('button', { name: /^Undo/ });
  const isEdit = !undo.disabled;
  fireEvent.click(undo);
  return navigation.pushed[0] ?? `${cells} × ${strings}${isEdit ? ', edited' : ''}`;
}

test('what each key does', () => {
  const expected = {
    '1': '/plans/tested/power',
    '6': '/plans/tested/run',
    '7': '4 × 3',
    '[': '3 × 3, edited',
    '-': '3 × 3, edited',
    ']': '5 × 3, edited',
    '+': '5 × 3, edited',
    '=': '5 × 3, edited',
    '{': '4 × 2, edited',
    _: '4 × 2, edited',
    '}': '4 × 4, edited',
    l: '4 × 3, edited',
    L: '4 × 3, edited',
    p: '/plans/tested/ready?part=prints',
    P: '/plans/tested/ready?part=prints',
    x: '4 × 3',
  };
  const keys = Object.keys(expected);
  expect(Object.fromEntries(keys.map((key) => [key, done(key)]))).toEqual(expected);
});

test('shift with the key of + is one more string, on keyboards that write * there too; with Ctrl keys are the browser’s', () => {
  expect(['+', '*'].map((key) => done(key, { shiftKey: true }))).toEqual([
    '4 × 4, edited',
    '4 × 4, edited',
  ]);
  expect(done('*')).toBe('4 × 3');
  expect(['[', '1', 'p'].map((key) => done(key, { ctrlKey: true }))).toEqual(
    Array.from({ length: 3 }, () => '4 × 3'),
  );
});

test('a desk laid out by hand gets longer strings and more of them by the same keys', () => {
  const plan: Plan = { ...PLAN, arrangement: { ...laidOutGrid(4, 3), loadReversed: true } };
  expect(['x', ']', '[', '}', '{'].map((key) => done(key, {}, plan))).toEqual([
    '4 × 3',
    '5 × 3, edited',
    '3 × 3, edited',
    '4 × 4, edited',
    '4 × 2, edited',
  ]);
});

test('? lists the keys; nothing happens while a field is typed in', async () => {
  showPlan(PLAN, 'arrange');
  fireEvent.keyDown(screen.getByLabelText('Title of the plan'), { key: ']', code: ']' });
  expect(screen.getByRole('button', { name: /^Undo/ })).toBeDisabled();
  fireEvent.keyDown(document.body, { key: '?', code: '?' });
  const keys = await screen.findByRole('dialog', { name: 'Keys' });
  for (const { keys: key, what } of SHORTCUTS) {
    expect(keys).toHaveTextContent(key.replaceAll(/\s+/g, ' '));
    expect(keys).toHaveTextContent(what);
  }
  await expectAccessible();
});

test('a station opens at its top; another part of it, and an edit, stay where they are', () => {
  const { goTo } = showPlan(PLAN, 'arrange');
  const page = document.documentElement;
  page.scrollTop = 500;
  goTo('ready', 'class');
  expect(page.scrollTop).toBe(0);
  page.scrollTop = 500;
  goTo('ready', 'shopping');
  expect(page.scrollTop).toBe(500);
});
