import { demoPlan } from '@/cli/demoPlans';
import { cellOfPlan } from '@/core/records/plan/cellOfPlan';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { cellCurve } from './CellCurveChart';

const lamp = demoPlan('demo-lamp');

test('a curve runs from nothing connected to shorted, and only falls', () => {
  for (const plan of [lamp, newPlan('Typical'), demoPlan('demo-tide-clock')]) {
    const cell = cellOfPlan(plan);
    const { now } = cellCurve(cell);
    const { emfVolts } = cell.own?.status === 'used' ? cell.own.model : cell.model;
    expect(now[0]).toEqual([0, emfVolts]);
    expect(now.at(-1)?.[1]).toBeCloseTo(0, 6);
    now.slice(1).forEach(([milliamps, volts], index) => {
      expect(milliamps).toBeGreaterThan(now[index]![0]);
      expect(volts).toBeLessThan(now[index]![1]);
    });
  }
});

test('the usual cell is drawn beside one’s own, and not where they are the same', () => {
  expect(cellCurve(cellOfPlan(demoPlan('demo-tide-clock'))).usual).toEqual([]);
  expect(cellCurve(cellOfPlan(lamp)).usual.length).toBeGreaterThan(10);
});

test('readings are drawn with what the meter may be off by: ±(0.5 % + 2 digits) (common practice, no source)', () => {
  const { read } = cellCurve(cellOfPlan(lamp));
  expect(read).toHaveLength(2);
  const [open] = read;
  expect(open?.at).toEqual([0, 0.93]);
  expect(open?.errorVolts).toBeCloseTo(0.005 * 0.93 + 0.002, 9);
});

test('a band is drawn where enough was read to judge the scatter, and it holds the curve', () => {
  const own = lamp.cell.own!;
  const loaded = [10_000, 4700, 2200, 1000, 470, 220].map((ohms, index) => {
    const volts = (0.93 * ohms) / (ohms + 650);
    return { ohms, volts: volts + (index % 2 === 0 ? 0.004 : -0.004), secondsAfter: null };
  });
  const plan: Plan = { ...lamp, cell: { ...lamp.cell, own: { ...own, loaded, kept: true } } };
  const { band, now } = cellCurve(cellOfPlan(plan));
  expect(band).toHaveLength(now.length);
  band.forEach(({ low, high }, index) => {
    expect(low).toBeLessThanOrEqual(now[index]![1]);
    expect(high).toBeGreaterThanOrEqual(now[index]![1]);
  });
  expect(cellCurve(cellOfPlan(lamp)).band).toEqual([]);
});
