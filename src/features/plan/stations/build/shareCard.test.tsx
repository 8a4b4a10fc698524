/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { press } from '@/testing/ui/acting';
import { answerNext, answerTo } from '@/testing/ui/server';
import { openStreams } from '@/testing/ui/streams';
import { showPlan } from '@/testing/ui/planPage';

beforeEach(openStreams);

const URL = '/api/lessons/tested/class';
const OFF = { running: null, gateway: null, passcode: null, shut: null };
const running = (addresses: readonly string[]) => ({
  running: {
    code: 'KIWI23',
    startedAt: Date.UTC(2027, 0, 29, 13),
    endsAt: new Date(2027, 0, 29, 15, 30).getTime(),
  },
  gateway: { port: 3001, addresses },
  passcode: '471 205',
  shut: null,
});
const board = () => showPlan(demoPlan('demo-lamp'), 'build').goTo('build', 'board');

test('a class is started, told where to join, and ended after asking once more', async () => {
  answerTo(URL, OFF);
  board();
  await waitFor(() =>
    expect(screen.getByRole('button', { name: 'Start the class' })).toBeEnabled(),
  );
  answerNext(200, running(['192.168.1.7']));
  press('Start the class');
  expect(await screen.findByTestId('join-code')).toHaveTextContent('KIWI23');
  expect(screen.getByTitle('Join at http://192.168.1.7:3001/join?code=KIWI23')).toBeInTheDocument();
  expect(screen.getByText('http://192.168.1.7:3001/join')).toBeVisible();
  expect(screen.getByText('Everything ends by itself at 15:30.')).toBeVisible();
  press('My own tablet');
  expect(await screen.findByTestId('passcode')).toHaveTextContent('471 205');
  press('Close');
  await waitFor(() => expect(screen.queryByTestId('passcode')).toBeNull());
  press('End the class');
  await screen.findByRole('dialog', { name: 'End the class?' });
  answerNext(200, OFF);
  press('End the class');
  expect(await screen.findByRole('button', { name: 'Start the class' })).toBeVisible();
});

test('without a network, and where nobody may join, the page says so', async () => {
  answerTo(URL, { ...running([]), shut: 'The door is shut: port 3001 is taken.' });
  board();
  expect(await screen.findByText(/not on a network now/)).toBeVisible();
  expect(screen.getByText('http://127.0.0.1:3001/join')).toBeVisible();
  expect(screen.getByText('The door is shut: port 3001 is taken.')).toBeVisible();
});

test('a start that is refused says why', async () => {
  answerTo(URL, OFF);
  board();
  await waitFor(() =>
    expect(screen.getByRole('button', { name: 'Start the class' })).toBeEnabled(),
  );
  answerNext(409, { message: 'Another class runs.' });
  press('Start the class');
  expect(await screen.findByText('Another class runs.')).toBeVisible();
});
