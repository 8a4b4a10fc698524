/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { PartCounts } from '@/core/records/plan/haveSchema';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { verdictOf } from '@/core/work/judging/verdict';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, fill, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { HavePage } from './HavePage';

const lit = (): HTMLElement[] =>
  within(screen.getByRole('list', { name: 'What can be lit' })).queryAllByRole('listitem');
const found = (words: string): Promise<void> =>
  waitFor(() => expect(lit()[0]).toHaveTextContent(words));
const planThat = (): void => {
  const [best] = lit();
  if (best === undefined) throw new Error('nothing can be lit');
  fireEvent.click(within(best).getByRole('button', { name: /^Plan that/ }));
};

const FEW: PartCounts = {
  potato: 9,
  'galvanised-nail': 0,
  'copper-strip': 10,
  'clip-lead': 8,
  'led-red': 1,
};

test('from “I have” to a plan for exactly that', async () => {
  const { kept } = showPage(<HavePage stock={FEW} />);
  expect(await screen.findByText(/Nothing that is on the list can be lit/)).toBeVisible();
  fill(screen.getByLabelText('galvanised nails'), '6');
  await found('red LED');
  expect(lit()[0]).toHaveTextContent(/uses .*copper strips/);
  await waitFor(() =>
    expect(screen.getAllByRole('button', { name: /^Plan that/ })[0]).toBeEnabled(),
  );
  await expectAccessible();
  planThat();
  await waitFor(() => expect(navigation.pushed).toContain('/plans/tested/arrange'));
  const sent = PLAN_DOCUMENT.parse(kept.at(-1)?.body);
  if (!sent.ok) throw new Error('no plan was sent');
  const plan = sent.value;
  expect(plan.have).toMatchObject({ potato: 9, 'galvanised-nail': 6, 'clip-lead': 8 });
  const before = evaluatePlan(plan);
  expect(verdictOf(before).tone).toBe('fine');
  // Two cells more in each string than there are nails for is no longer fine, and says why.
  const { cellsInSeries, strings } = before.wiring;
  const more = verdictOf(
    evaluatePlan({
      ...plan,
      arrangement: { kind: 'own', cellsInSeries: cellsInSeries + 2, strings },
    }),
  );
  expect(more.tone).toBe('wrong');
  expect(more.headline).toMatch(/galvanised nails? (is|are) missing/);
});

test('parts are added, counted and taken away; a refusal stands above the list and goes', async () => {
  showPage(<HavePage stock={{}} />);
  expect(screen.getByText('Nothing yet.')).toBeVisible();
  expect(await screen.findByText(/Nothing that is on the list can be lit/)).toBeVisible();
  for (const part of ['lemons', 'galvanised nails', 'copper strips', 'clip leads', 'LCD clocks']) {
    choose(screen.getByLabelText('Add a part'), part);
    fill(screen.getByLabelText(part), '12');
  }
  press('Fewer lemons');
  expect(screen.getByLabelText('lemons')).toHaveValue('11');
  fill(screen.getByLabelText('lemons'), 'some');
  expect(screen.getByLabelText('lemons')).toHaveAttribute('aria-invalid', 'true');
  await found('LCD clock');
  answerNext(507, { message: 'The disk is full; nothing was stored.', faults: [] });
  planThat();
  expect(await screen.findByText('The disk is full; nothing was stored.')).toBeVisible();
  press('Close');
  expect(screen.queryByText(/disk is full/)).toBeNull();
  press('Without LCD clocks');
  expect(await screen.findByText(/^Only an LED is missing\. With one: a red LED/)).toBeVisible();
});

test('a sentence fills the list; what nothing is called stays and is told', async () => {
  showPage(<HavePage stock={{}} />);
  const field = screen.getByLabelText('Say what you have');
  fill(field, '9 potatos, 6 nails, 10 copper strips, 8 leads, 2 submarines');
  press('Only this');
  expect(screen.getByLabelText('potatoes')).toHaveValue('9');
  expect(screen.getByLabelText('galvanised nails')).toHaveValue('6');
  expect(field).toHaveValue('2 submarines');
  expect(screen.getByText('Nothing on the list is called that: 2 submarines.')).toBeVisible();
  expect(await screen.findByText(/^Only an LED is missing/)).toBeVisible();
});
