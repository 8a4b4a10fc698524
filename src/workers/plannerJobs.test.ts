import { gridDesk } from '@/core/physics/desk/desk';
import { cellOfPlan } from '@/core/records/plan/cellOfPlan';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { newPlan } from '@/core/records/plan/newPlan';
import { USUAL_FACTORS } from '@/core/work/running/runBattery';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { plannerJobs } from './plannerJobs';

const cell = cellOfPlan(newPlan('x'));
const need = requirementOf({ kind: 'led', colour: 'red', brightness: 'glimmer' });
const desk = gridDesk(cell, 4, 1);

test('use in turns reports how far it is, and ends where a newer question comes or it is stopped', async () => {
  let now = 0;
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => (now += 1000));
  const shares: number[] = [];
  const running = { ...USUAL_RUNNING, turns: { onSeconds: 3600, restSeconds: 18_000 } };
  const ask = (onProgress: (share: number) => void) =>
    plannerJobs.intermittentRun(desk, need, running, USUAL_FACTORS, onProgress);
  const run = await ask((share) => shares.push(share));
  expect(run?.turns.length).toBeGreaterThan(1);
  expect(shares.length).toBeGreaterThan(0);
  shares.forEach((share, index) => expect(share).toBeGreaterThan(shares[index - 1] ?? 0));
  const older = ask(() => undefined);
  const newer = ask(() => undefined);
  expect(await older).toBeNull();
  expect(await newer).not.toBeNull();
  const stopped = ask(() => undefined);
  plannerJobs.stopIntermittentRun();
  expect(await stopped).toBeNull();
  clock.mockRestore();
});

test('a battery left running is refitted only where enough was read', () => {
  const nothing = plannerJobs.leaveRunning(desk, need, USUAL_RUNNING, []);
  expect(nothing).toMatchObject({ fit: null, before: null });
  const read = [1, 100, 1000].map((seconds, index) => ({
    seconds,
    volts: null,
    amps: (nothing.run.samples[0]?.amps ?? 0) / (index + 1),
  }));
  const refitted = plannerJobs.leaveRunning(desk, need, USUAL_RUNNING, read);
  expect(refitted.before?.samples[0]?.amps).toBe(nothing.run.samples[0]?.amps);
  expect(refitted.fit?.misfitAfter).toBeLessThan(refitted.fit?.misfitBefore ?? 0);
});
