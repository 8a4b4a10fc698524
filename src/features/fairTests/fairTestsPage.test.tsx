/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { cardOfFairTest } from '@/core/records/fairTest/cardOfFairTest';
import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { expectAccessible } from '@/testing/ui/accessible';
import { press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { FairTestsPage } from './FairTestsPage';

const TESTS = [{ id: 'six', card: cardOfFairTest(DEMO_FAIR_TEST.test) }];
const card = (): HTMLElement => screen.getByRole('article');

test('none yet: how one begins', () => {
  showPage(<FairTestsPage tests={[]} unreadable={[]} />);
  expect(screen.getByText(/A fair test starts with one question/)).toBeVisible();
});

test('each says what is varied, how much is read and what it has shown; it is duplicated, deleted and brought back', async () => {
  const { kept } = showPage(<FairTestsPage tests={TESTS} unreadable={[]} />);
  expect(card()).toHaveTextContent(/Varied: .*\d+ of \d+ read\./);
  expect(within(card()).getByRole('link', { name: TESTS[0]!.card.title })).toHaveAttribute(
    'href',
    '/fair-tests/six',
  );
  expect(within(card()).getByRole('link', { name: 'Export' })).toHaveAttribute(
    'href',
    '/api/fair-tests/six/export',
  );
  await expectAccessible();
  press('Duplicate without readings');
  press('Delete');
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  await waitFor(() =>
    expect(kept.map(({ method, url }) => `${method} ${url}`)).toEqual([
      'POST /api/fair-tests/six/duplicate',
      'DELETE /api/fair-tests/six',
      'POST /api/fair-tests/six/restore',
    ]),
  );
});

test('a new one opens; a refusal stands above the list', async () => {
  showPage(<FairTestsPage tests={TESTS} unreadable={[]} />);
  answerNext(503, { message: 'The disk is full; nothing was stored.', faults: [] });
  press('New fair test');
  expect(await screen.findByTestId('refusal')).toHaveTextContent('The disk is full');
  press('New fair test');
  await waitFor(() => expect(navigation.pushed).toContain('/fair-tests/tested'));
});

test('one that cannot be read is named with its faults, and can go', async () => {
  const faults = [{ code: 'custom', path: ['repeats'], message: 'At least two of each.' }];
  const { kept } = showPage(<FairTestsPage tests={[]} unreadable={[{ id: 'broken', faults }]} />);
  expect(document.body).toHaveTextContent('At least two of each.');
  press(/^Delete/);
  await waitFor(() =>
    expect(kept.at(-1)).toMatchObject({ method: 'DELETE', url: '/api/fair-tests/broken' }),
  );
});
