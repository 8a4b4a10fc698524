/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, fireEvent, screen } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { charted } from '@/testing/ui/charted';
import { drawnCharts } from '@/testing/ui/charts';
import { stopClock } from '@/testing/ui/controls';
import { showPlan } from '@/testing/ui/planPage';
import { answering } from '@/testing/ui/workerInPage';

stopClock();
answering('leaveRunning', 'shortCircuitRecovery');

const PLAN = demoPlan('demo-lamp');

beforeEach(() => charted.clear());

/** Until a part has come, the worker has answered, and what follows at rest has followed. */
async function rested(): Promise<void> {
  for (let step = 0; step < 3; step += 1) await act(() => jest.advanceTimersByTimeAsync(1000));
}

test.each([
  ['power', ''],
  ['cell', ''],
  ['arrange', ''],
  ['run', ''],
  ['run', 'turns'],
  ['run', 'bank'],
  ['run', 'short'],
])('%s %s', async (station, part) => {
  const { goTo } = showPlan(PLAN, station);
  if (part !== '') goTo(station, part);
  await rested();
  expect(drawnCharts()).toMatchSnapshot();
});

test('other loads, beside the battery', async () => {
  showPlan(PLAN, 'arrange');
  await rested();
  fireEvent.click(screen.getByRole('button', { name: /What else it runs/ }));
  await rested();
  expect(drawnCharts()).toMatchSnapshot();
});
