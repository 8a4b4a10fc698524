import { demoPlan } from '@/cli/demoPlans';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { runBattery } from '@/core/work/running/runBattery';
import { STATIONS, type BenchSoFar } from './stations';

const lamp = demoPlan('demo-lamp');
const NOTHING: BenchSoFar = { group: 'Curlew', readings: [], run: null };
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');
const answersOf = (plan: Plan, bench: BenchSoFar = NOTHING): string[] => {
  const evaluation = evaluatePlan(plan);
  return STATIONS.map(({ answer }) => plain(answer(plan, evaluation, bench)));
};
const answeredOf = (plan: Plan, bench: BenchSoFar = NOTHING): string[] => {
  const evaluation = evaluatePlan(plan);
  return STATIONS.filter(({ answered }) => answered(plan, evaluation, bench)).map(
    ({ slug }) => slug,
  );
};
const voltsUpTo = (cell: number) =>
  readingEntry(
    { kind: 'volts', string: 1, from: 1, to: cell, built: cell },
    0.9 * cell,
    '2027-01-22T14:00:00Z',
  );

test('each station shows its answer so far', () => {
  expect(answersOf(lamp)).toEqual([
    'Amber LED, clear, 10 min',
    'Kiwi · three read: 1.07 mA',
    '5 in series × 4 strings, 2 pairs of metal in each',
    '6 groups · 140 kiwis · Fri 29 Jan',
    'not begun',
    '…',
  ]);
});

test('typical cells, no date, a device and one string have their own words', () => {
  const clock = demoPlan('demo-tide-clock');
  expect(answersOf(clock)[0]).toBe('LCD clock, 24 h');
  expect(answersOf(clock)[2]).toBe('3 in series × 1 string');
  const fresh = newPlan('x');
  expect(answersOf(fresh)[1]).toMatch(/^Lemon · .*\(typical\)$/);
  expect(answersOf(fresh)[3]).toMatch(/no date yet$/);
  const acid: Plan = {
    ...fresh,
    cell: { ...fresh.cell, recipe: 'dilute-sulfuric-acid', body: 'sulfuric-acid' },
  };
  expect(answersOf(acid)[3]).toBe('nothing for a class');
});

test('readings that are kept although odd are told apart', () => {
  const own = { ...lamp.cell.own!, openCircuitVolts: 1.4, kept: true };
  const odd: Plan = { ...lamp, cell: { ...lamp.cell, own } };
  expect(answersOf(odd)[1]).toContain('read, kept though odd');
});

test('at the bench the furthest cell counts, and no more than there are', () => {
  const bench = { ...NOTHING, readings: [voltsUpTo(1), voltsUpTo(3), voltsUpTo(2)] };
  expect(answersOf(lamp, bench)[4]).toBe('Group Curlew · cell 3 of 5');
  expect(answeredOf(lamp, bench)).not.toContain('build');
  const all = { ...NOTHING, readings: [voltsUpTo(9)] };
  expect(answersOf(lamp, all)[4]).toBe('Group Curlew · cell 5 of 5');
  expect(answeredOf(lamp, all)).toContain('build');
});

test('what is left to do: a date, a wiring that works, a battery that lasts', () => {
  expect(answeredOf(lamp)).toEqual(['power', 'cell', 'arrange', 'ready']);
  expect(answeredOf({ ...lamp, lessonDate: null })).not.toContain('ready');
  const weak: Plan = { ...lamp, arrangement: { kind: 'own', cellsInSeries: 1, strings: 1 } };
  expect(answeredOf(weak)).not.toContain('arrange');
  const { desk, need } = evaluatePlan(lamp);
  const bench = { ...NOTHING, run: runBattery(desk, need, lamp.running) };
  expect(answeredOf(lamp, bench)).toContain('run');
  expect(answersOf(lamp, bench)[5]).toMatch(/^≈ \d+ h$/);
  expect(answeredOf({ ...lamp, minutes: 60 * 24 * 7 }, bench)).not.toContain('run');
});
