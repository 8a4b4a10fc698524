/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, press } from '@/testing/ui/acting';
import { showPage } from '@/testing/ui/toolPage';
import { GroupPage } from './GroupPage';

const THREE: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const SEAT = { planId: 'p', startedAt: 1, group: 'Tern' };
/** Volts from the − end across all cells that stand. */
const read = (built: number, value: number, seq: number): LogLine => ({
  entryId: `e${seq}`,
  revision: 1,
  group: 'Tern',
  entry: readingEntry(
    { kind: 'volts', string: 1, from: 1, to: built, built },
    value,
    '2027-01-29T14:00:00Z',
  ),
  struck: false,
  seq,
  author: 'group',
  at: seq,
});

const show = (plan: Plan, log: readonly LogLine[] = []) => {
  window.localStorage.clear();
  return showPage(
    <GroupPage
      seat={SEAT}
      title={plan.title}
      facts={groupFacts(plan, evaluatePlan(plan))}
      initialLog={log}
    />,
  );
};

test('a group sees its own step and stairs, and calls its teacher once', async () => {
  const { kept } = show(THREE);
  expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Group Tern');
  expect(screen.getByText('all sent')).toBeInTheDocument();
  await expectAccessible();
  press('Call your teacher');
  const called = await screen.findByRole('button', { name: 'Teacher called. Tap when helped' });
  expect(called).toHaveAttribute('aria-pressed', 'true');
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('"wanted":true'));
  press('Teacher called. Tap when helped');
  expect(await screen.findByRole('button', { name: 'Call your teacher' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('a step that is missing is named before one goes on; a whole string is not found fault with', () => {
  const [cell, two] = [0.93, 1.86];
  show(THREE, [read(1, cell, 1), read(2, two, 2)]);
  expect(screen.queryByTestId('group-wrong')).toBeNull();
});

test('a cell that adds nothing is named, with what to do', () => {
  show(THREE, [read(1, 0.93, 1), read(2, 0.95, 2)]);
  const wrong = screen.getByTestId('group-wrong');
  expect(wrong).toHaveTextContent(/Cell 2/);
  expect(wrong).toHaveTextContent('Mend it before you go on, and read again.');
});

test('where meters are shared a group asks for one; what it notes is sent', async () => {
  const { kept } = show({ ...THREE, lesson: { ...THREE.lesson, groups: 6, meters: 2 } });
  fill(screen.getByLabelText('What did you see?'), 'Bubbles at the zinc');
  press('Add note');
  await waitFor(() => expect(JSON.stringify(kept)).toContain('Bubbles at the zinc'));
});
