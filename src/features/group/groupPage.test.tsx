/** @jest-environment jsdom */
import { answerNext } from '@/testing/ui/server';
import '@/testing/ui/mocks';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, press } from '@/testing/ui/acting';
import { openStreams, Stream, tellJudged } from '@/testing/ui/streams';
import { showPage } from '@/testing/ui/toolPage';
import { GroupPage } from './GroupPage';

const THREE: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const SEAT = { planId: 'p', startedAt: 1, group: 'Tern' };
const AT = '2027-01-29T14:00:00Z';
const FIRST_SHORT = { kind: 'short', string: 1, built: 1 } as const;

beforeEach(openStreams);

/** Volts from the − end across all cells that stand. */
const read = (built: number, value: number, seq: number): LogLine => ({
  entryId: `e${seq}`,
  revision: 1,
  group: 'Tern',
  entry: readingEntry({ kind: 'volts', string: 1, from: 1, to: built, built }, value, AT),
  struck: false,
  seq,
  author: 'group',
  at: seq,
});

const show = (plan: Plan, log: readonly LogLine[] = []) => {
  window.localStorage.clear();
  window.sessionStorage.clear();
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

test('a whole string is not found fault with', () => {
  const log = [read(1, 0.93, 1), read(2, 1.86, 2)];
  show(THREE, log);
  tellJudged(THREE, log);
  expect(screen.queryByTestId('group-wrong')).toBeNull();
});

test('a lead without contact is named with what to do; the reading is taken again, or one goes on', async () => {
  const log = [read(1, 0.93, 1), read(2, 1.86, 2), read(3, 0.02, 3), read(3, 0.02, 4)];
  const { kept } = show(THREE, log);
  expect(screen.queryByTestId('group-wrong')).toBeNull();
  tellJudged(THREE, log);
  expect(screen.getByTestId('group-wrong')).toHaveTextContent(
    /0.02 V: the lead between cells 2 and 3 has no contact\. Scrape both metals bright/,
  );
  expect(screen.getByRole('img', { name: /lead from cell 2 to cell 3/ })).toBeInTheDocument();
  await expectAccessible();
  press('Read again');
  fill(screen.getByLabelText('Reading to take next'), '2.8');
  press('Read');
  await waitFor(() => expect(JSON.stringify(kept)).toContain('"value":2.8'));
  press('Go on all the same');
  expect(screen.queryByTestId('group-wrong')).toBeNull();
});

test('a point that was misread is asked about, and nothing is said of the battery', async () => {
  const log = [read(1, 0.93, 1), read(2, 1.86, 2)];
  const built = { kind: 'step', step: 'build all', state: 'done', takenAt: AT } as const;
  const done = ['prepare', 'build 1 1'].map((step) => ({ ...built, step }));
  const steps = [...done, built].map((entry, index) => ({
    ...read(1, 0, 10 + index),
    entryId: entry.step,
    entry,
  }));
  const short = { ...read(1, 0, 20), entry: readingEntry(FIRST_SHORT, 3e-4, AT) };
  const { kept } = show(THREE, [...log, ...steps, short]);
  fill(screen.getByLabelText('Reading: Volts of cells 1–3'), '0.281');
  press('Done');
  expect(screen.getByText(/Did you mean 2.81/)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: /^2\.81/ }));
  await waitFor(() => expect(JSON.stringify(kept)).toContain('"value":2.81'));
});

test('where meters are shared a group asks for one; what it notes is sent', async () => {
  const { kept } = show({ ...THREE, lesson: { ...THREE.lesson, groups: 6, meters: 2 } });
  fill(screen.getByLabelText('What did you see?'), 'Bubbles at the zinc');
  press('Add note');
  await waitFor(() => expect(JSON.stringify(kept)).toContain('Bubbles at the zinc'));
});

test('a class that ends says whether anything is left on the phone', async () => {
  show(THREE);
  for (const stream of Stream.opened) stream.tell('ended', {});
  expect(screen.getByText(/you can close this page/)).toBeVisible();

  cleanup();
  show(THREE);
  globalThis.fetch = () => Promise.reject(new TypeError('nobody answers'));
  press('Call your teacher');
  expect(await screen.findByText('1 waiting to be sent')).toBeVisible();
  for (const stream of Stream.opened) stream.tell('ended', {});
  expect(screen.getByText('1 not sent')).toBeVisible();
  expect(screen.getByText(/Show your teacher what is only on this phone/)).toBeVisible();
  expect(screen.queryByText(/you can close this page/)).toBeNull();
});

test('where nothing can be saved just now the group is told why, and keeps what it typed', async () => {
  show(THREE);
  const message = 'Grozer’s computer cannot save just now: tell your teacher.';
  answerNext(503, { message });
  press('Call your teacher');
  expect(await screen.findByText(message)).toBeVisible();
  expect(screen.getByText('1 waiting to be sent')).toBeVisible();
});
