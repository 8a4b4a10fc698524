import { gridDesk } from '@/core/desk/desk';
import { cellOfPlan } from '@/core/plan/cellOfPlan';
import { needOfTarget } from '@/core/plan/needOfTarget';
import { newPlan } from '@/core/plan/newPlan';
import { plannerJobs } from './plannerJobs';

const cell = cellOfPlan(newPlan('x'));
const need = needOfTarget({ kind: 'led', colour: 'red', brightness: 'glimmer' });
const desk = gridDesk(cell, 4, 1);

test('doubts report their progress and add up all classes', async () => {
  // A slow machine: every part takes longer than the rest between two reports.
  let now = 0;
  jest.spyOn(performance, 'now').mockImplementation(() => (now += 1000));
  const shares: number[] = [];
  const outcome = await plannerJobs.doubts(desk, need, 2000, (share) => shares.push(share));
  jest.restoreAllMocks();
  expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
  expect(outcome?.classes).toBe(2000);
  expect(outcome?.sortedAmps).toHaveLength(2000);
  const sorted = [...(outcome?.sortedAmps ?? [])];
  expect([...sorted].sort((a, b) => a - b)).toEqual(sorted);
  const reached = sorted.filter((amps) => amps >= need.amps).length;
  expect(outcome?.working).toBe(reached);
});

test('a newer question ends an older one; stopping ends it too', async () => {
  const older = plannerJobs.doubts(desk, need, 5000, () => undefined);
  const newer = plannerJobs.doubts(desk, need, 500, () => undefined);
  expect(await older).toBeNull();
  expect((await newer)?.classes).toBe(500);
  const stopped = plannerJobs.doubts(desk, need, 5000, () => undefined);
  plannerJobs.stopDoubts();
  expect(await stopped).toBeNull();
});
