/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act } from '@testing-library/react';
import { DEMO_LOG } from '@/cli/demoLog';
import { demoPlan } from '@/cli/demoPlans';
import { logged } from '@/testing/core/logged';
import { stopClock } from '@/testing/ui/controls';
import { PARTS_OF_PLAN, showPlan } from '@/testing/ui/planPage';
import { answerTo } from '@/testing/ui/server';
import { openStreams, tellJudged } from '@/testing/ui/streams';
import { showPage } from '@/testing/ui/toolPage';
import { wordsOfPage } from '@/testing/ui/wordsOfPage';
import { answering } from '@/testing/ui/workerInPage';
import { WallPage } from './wall/WallPage';

stopClock();
beforeEach(openStreams);
answering('leaveRunning', 'cellTypes');

const LINES = logged(DEMO_LOG.requests);

/** Words of a part of a plan, after all that comes by itself has come. */
async function words(id: string, station: string, part: string): Promise<string> {
  const plan = demoPlan(id);
  const { goTo } = showPlan(plan, station, id === 'demo-lamp' ? LINES : []);
  if (part !== '') goTo(station, part);
  if (station === 'build') tellJudged(plan, LINES);
  await act(() => jest.advanceTimersByTimeAsync(3000));
  return wordsOfPage(document.querySelector('main')!).join('\n');
}

test('what stands round a part', async () => {
  const part = (await words('demo-lamp', 'power', '')).split('\n');
  expect(wordsOfPage().filter((line) => !part.includes(line))).toMatchSnapshot();
});

test.each([...PARTS_OF_PLAN, ['run', ''] as const])('%s %s', async (station, part) => {
  expect(await words('demo-lamp', station, part)).toMatchSnapshot();
});

test.each([
  ['demo-tide-clock', 'power', ''],
  ['demo-tide-clock', 'cell', ''],
  ['demo-tide-clock', 'arrange', ''],
  ['demo-tide-clock', 'ready', 'prepare'],
  ['demo-tide-clock', 'run', 'ways'],
  ['demo-fog-bell', 'power', ''],
  ['demo-fog-bell', 'cell', ''],
  ['demo-fog-bell', 'arrange', ''],
  ['demo-fog-bell', 'ready', 'shopping'],
  ['demo-fog-bell', 'build', ''],
])('%s, %s %s', async (id, station, part) => {
  expect(await words(id, station, part)).toMatchSnapshot();
});

test('the wall', async () => {
  const plan = demoPlan('demo-lamp');
  answerTo('/api/lessons/demo-lamp/class', {
    running: { code: 'KIWI23', startedAt: Date.now() - 90_000, endsAt: Date.now() + 3_000_000 },
    gateway: { port: 3001, addresses: ['192.168.1.7'] },
    passcode: '123456',
    shut: null,
  });
  const [first] = DEMO_LOG.requests.filter(({ entry }) => entry.kind === 'reading');
  if (first?.entry.kind !== 'reading') throw new Error('the scenario has no reading');
  const { measurement, takenAt } = first.entry;
  const expected = { kind: 'prediction', measurement, value: 1.2, takenAt } as const;
  const requests = [...DEMO_LOG.requests, { ...first, entryId: 'expected', entry: expected }];
  showPage(<WallPage id="demo-lamp" plan={plan} initialLog={logged(requests)} />);
  tellJudged(plan, LINES);
  await act(() => jest.advanceTimersByTimeAsync(3000));
  expect(wordsOfPage().join('\n')).toMatchSnapshot();
});
