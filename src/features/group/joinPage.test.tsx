/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor } from '@testing-library/react';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { queueKey } from '@/ui/bench/queueKeys';
import { JoinPage } from './JoinPage';
import { PasscodePage } from './PasscodePage';

const CLASS = { title: 'Lamp', groups: ['Tern', 'Knot'] };

test('a code that is wrong, too many of them, then the group by its bird', async () => {
  showPage(<JoinPage initialCode="" initialClass={null} />);
  await expectAccessible();
  fill(screen.getByLabelText('Code of the class'), 'AAAAAA');
  answerNext(404, { message: 'No class with this code is running.' });
  press('Go on');
  expect(await screen.findByText('No class with this code is running.')).toBeVisible();
  answerNext(429, { message: 'Too many wrong codes: wait a minute.' });
  press('Go on');
  expect(await screen.findByText('Too many wrong codes: wait a minute.')).toBeVisible();
  answerNext(200, { ...CLASS, seated: false, waiting: null });
  press('Go on');
  expect(await screen.findByRole('heading', { name: 'Lamp' })).toBeVisible();
  expect(screen.queryByText(/wait a minute/)).toBeNull();
  answerNext(200, { ...CLASS, seated: true, waiting: null });
  press('Tern');
  await waitFor(() => expect(navigation.pushed).toContain('/group'));
});

test('a second device of a group shows its number and waits for the teacher', async () => {
  showPage(<JoinPage initialCode="KIWI23" initialClass={CLASS} />);
  answerNext(200, { ...CLASS, seated: false, waiting: { id: 'a', group: 'Knot', number: 42 } });
  press('Knot');
  expect(await screen.findByTestId('own-number')).toHaveTextContent('42');
  answerNext(403, { message: 'Your teacher did not let this device in.' });
  expect(await screen.findByText('Your teacher did not let this device in.')).toBeVisible();
  expect(screen.queryByTestId('own-number')).toBeNull();
});

test('a passcode that is wrong is told; the right one leads on', async () => {
  showPage(<PasscodePage />);
  fill(screen.getByLabelText('Passcode'), '000000');
  answerNext(403, { message: 'That is not the passcode.' });
  press('Come in');
  expect(await screen.findByText('That is not the passcode.')).toBeVisible();
  await expectAccessible();
});

test('what an earlier class left on this phone is not hidden, and can be removed', async () => {
  const line = {
    entryId: 'a',
    revision: 1,
    group: 'Tern',
    entry: { kind: 'note', text: 'Bubbles', takenAt: '2027-01-29T14:02:00Z' },
    struck: false,
  };
  window.localStorage.setItem(
    queueKey({ planId: 'p', startedAt: 1, group: 'Tern' }, ''),
    JSON.stringify({ waiting: [line], undelivered: [] }),
  );
  showPage(<JoinPage initialCode="" initialClass={null} />);
  expect(await screen.findByTestId('undelivered')).toHaveTextContent(/Tern.*Bubbles.*never sent/);
  press('Remove from this device');
  expect(screen.queryByTestId('undelivered')).toBeNull();
  expect(window.localStorage).toHaveLength(0);
});
