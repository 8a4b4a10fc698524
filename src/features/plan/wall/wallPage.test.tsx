/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEMO_LOG } from '@/cli/demoLog';
import { demoPlan } from '@/cli/demoPlans';
import { logged } from '@/testing/core/logged';
import { expectAccessible } from '@/testing/ui/accessible';
import { plain, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext, answerTo } from '@/testing/ui/server';
import { openStreams, Stream, tellJudged } from '@/testing/ui/streams';
import { showPage } from '@/testing/ui/toolPage';
import { WallPage } from './WallPage';

const LINES = logged(DEMO_LOG.requests);
const RUNNING = {
  running: { code: 'KIWI23', startedAt: Date.now() - 90_000, endsAt: Date.now() + 3_000_000 },
  gateway: { port: 3001, addresses: ['192.168.1.7'] },
  passcode: '123456',
  shut: null,
};
const SHUT = { ...RUNNING, running: null, gateway: null };

beforeEach(openStreams);

const show = (status: object, lines = LINES) => {
  answerTo('/api/lessons/demo-lamp/class', status);
  return showPage(<WallPage id="demo-lamp" plan={demoPlan('demo-lamp')} initialLog={lines} />);
};
const tile = (group: string): HTMLElement => screen.getByTestId(`wall-${group}`);

test('every group has its tile, with its step and what is wrong; the code stands beside them, no passcode', async () => {
  show(RUNNING);
  expect(await screen.findByText('KIWI23')).toBeVisible();
  expect(screen.getByTitle('Join at http://192.168.1.7:3001/join?code=KIWI23')).toBeInTheDocument();
  expect(document.body).not.toHaveTextContent('123456');
  expect(screen.getByText(/minute 2 of/)).toBeVisible();
  tellJudged(demoPlan('demo-lamp'), LINES);
  await waitFor(() => expect(tile('Curlew')).toHaveTextContent(/Probably .*cell 3/));
  expect(tile('Knot')).not.toHaveTextContent(/Probably/);
  await expectAccessible();
});

test('what the class read of one cell: each group a dot, the middle and the half around it', () => {
  show(SHUT);
  // Six groups: 0.90, 0.91, 0.92, 0.94, 0.95 and 0.97 V; between 0.92 and 0.94 lies the middle.
  expect(plain(screen.getByTestId('wall-found').textContent ?? '')).toMatch(
    /^0\.93 V, the middle of 6 groups so far · half of them between 0\.91\d* V and 0\.95\d* V$/,
  );
  const picture = screen.getByRole('img', { name: /^Readings of the class/ });
  expect(plain(picture.getAttribute('aria-label') ?? '')).toContain('Curlew 0.94 V');
  expect(picture.querySelectorAll('circle')).toHaveLength(6);
  expect(screen.queryByText('KIWI23')).toBeNull();
});

test('nothing read yet: tiles only', () => {
  show(SHUT, []);
  expect(screen.queryByTestId('wall-found')).toBeNull();
  expect(screen.queryByTestId('wall-predicted')).toBeNull();
  expect(tile('Curlew')).toBeVisible();
});

test('what groups expected stands beside what they read', () => {
  const [cell] = DEMO_LOG.requests.filter(({ entry }) => entry.kind === 'reading');
  if (cell?.entry.kind !== 'reading') throw new Error('the scenario has no reading');
  const { measurement } = cell.entry;
  const expected = {
    ...cell,
    entryId: 'expected',
    entry: { kind: 'prediction' as const, measurement, value: 1.2, takenAt: cell.entry.takenAt },
  };
  show(SHUT, logged([...DEMO_LOG.requests, expected]));
  const picture = within(screen.getByTestId('wall-predicted')).getByRole('img');
  expect(plain(picture.getAttribute('aria-label') ?? '')).toMatch(
    /predicted 1\.20? V, read 0\.9\d* V/,
  );
  // Both stand on the line from nothing to a little more than the larger, as far as they are large.
  const [read, predicted] = [...picture.querySelectorAll('circle')].map((one) =>
    Number(one.getAttribute('cx')),
  ) as [number, number];
  const [left, right] = /^M(\d+) .* H(\d+)$/
    .exec(picture.querySelector('path')?.getAttribute('d') ?? '')!
    .slice(1)
    .map(Number) as [number, number];
  const said = /read (0\.9\d*)/.exec(plain(picture.getAttribute('aria-label') ?? ''))![1];
  expect((read - left) / (predicted - left)).toBeCloseTo(Number(said) / 1.2, 2);
  expect(predicted).toBeLessThan(right);
  expect(predicted - left).toBeGreaterThan(0.8 * (right - left));
});

test('a second device of a group is let in or turned away here too; a word that came too late is told', async () => {
  const { kept } = show(RUNNING);
  const device = { id: '3f0e7b58-7c3c-4a4e-9d0e-2b1b5a3c9f10', group: 'Knot', number: 42 };
  Stream.opened.at(-1)?.tell('asking', [device]);
  expect(await screen.findByTestId('asking')).toHaveTextContent(/join group Knot.*42/);
  answerNext(404, { message: 'This device does not wait any more.', faults: [] });
  press('Add it');
  expect(await screen.findByText('This device does not wait any more.')).toBeVisible();
  press('Refuse it');
  await waitFor(() =>
    expect(kept.at(-1)).toMatchObject({
      url: '/api/lessons/demo-lamp/admissions',
      body: { device: device.id, letIn: false },
    }),
  );
});

test('B and Escape lead back to the board of the plan', async () => {
  show(SHUT);
  for (const key of ['b', '{Escape}']) {
    navigation.pushed.length = 0;
    await userEvent.keyboard(key);
    expect(navigation.pushed).toEqual(['/plans/demo-lamp/build?part=board']);
  }
});
