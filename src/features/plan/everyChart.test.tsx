/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, fireEvent, screen } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import type { Measurement } from '@/core/records/logbook/measurement';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { logged } from '@/testing/core/logged';
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

test('left running, with what a group read', async () => {
  const read = (measurement: Measurement, minute: number, value: number): LogRequest => ({
    entryId: `${measurement.kind} ${minute}`,
    revision: 1,
    group: 'Curlew',
    entry: readingEntry(measurement, value, new Date(60_000 * minute).toISOString()),
    struck: false,
  });
  const lines = [
    read({ kind: 'load-volts' }, 0, 1.9),
    read({ kind: 'load-amps' }, 0, 4.7e-3),
    read({ kind: 'load-amps' }, 10, 3e-3),
    read({ kind: 'load-volts' }, 20, 1.8),
  ];
  showPlan(PLAN, 'run', logged(lines));
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
