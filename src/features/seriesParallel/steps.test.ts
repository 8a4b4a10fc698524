import { compareJoining } from '@/core/work/seriesParallel/compareJoining';
import { STEPS } from './steps';

const tableOf = (name: string) => {
  const step = STEPS.find((one) => one.name === name);
  if (step?.show !== 'table') throw new Error(`${name} has no table`);
  const [one, series, parallel] = compareJoining(step.cell, step.lamp, step.lamping);
  return { step, one: one!, series: series!, parallel: parallel! };
};

test('bought cells: what the guide says is what is calculated', () => {
  const { step, one, series, parallel } = tableOf('Bought cells');
  expect(step.after).toContain('In series the volts double, so the bulb is brighter');
  expect(series.lampWatts).toBeGreaterThan(one.lampWatts);
  expect(step.after).toContain('each cell gives half');
  expect(parallel.cellAmps / one.cellAmps).toBeCloseTo(0.5, 1);
});

test('home-made cells: twice the current comes out in parallel', () => {
  const { step, one, series, parallel } = tableOf('Home-made cells');
  expect(step.before).toContain('dimly');
  expect(one.looks).toBe('dim');
  expect(step.after).toContain('twice the current comes out');
  expect(parallel.lampAmps / one.lampAmps).toBeCloseTo(2, 0);
  expect(parallel.lampAmps).toBeGreaterThan(series.lampAmps);
});

test('two lamps side by side: weak cells give the same current as before, half of it to each', () => {
  const { step, one } = tableOf('Two lamps');
  expect(step.after).toContain('weak ones give the same current as before, half of it to each');
  const alone = compareJoining(step.cell, step.lamp, 'one')[0]!;
  expect((2 * one.lampAmps) / alone.lampAmps).toBeCloseTo(1, 1);
});

test('stiff cells do not mind a second lamp beside the first', () => {
  const { step } = tableOf('Bought cells');
  const alone = compareJoining(step.cell, step.lamp, 'one')[0]!;
  const beside = compareJoining(step.cell, step.lamp, 'two side by side')[0]!;
  expect(beside.lampAmps / alone.lampAmps).toBeGreaterThan(0.85);
});

test('the guide ends with why both are right', () => {
  expect(STEPS.map(({ show }) => show)).toEqual(['table', 'table', 'table', 'why']);
});
