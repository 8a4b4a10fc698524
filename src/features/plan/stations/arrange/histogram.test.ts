import fc from 'fast-check';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { newPlan } from '@/core/records/plan/newPlan';
import { batteryPoints, loadPoints, voltsAt } from './CurvesChart';
import { histogram } from './ClassesChart';

test('every value falls into one bar, and the wanted value on an edge', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 5e-3, noNaN: true }), { minLength: 1, maxLength: 200 }),
      fc.double({ min: 1e-5, max: 6e-3, noNaN: true }),
      (values, wanted) => {
        const sorted = Float64Array.from(values).sort();
        const bins = histogram(sorted, wanted);
        expect(bins.reduce((sum, bin) => sum + bin.share, 0)).toBeCloseTo(1, 9);
        const good = bins
          .filter((bin) => bin.from >= wanted * (1 - 1e-6))
          .reduce((sum, bin) => sum + bin.share, 0);
        const straddling = values.filter(
          (value) => Math.abs(value - wanted) < 1e-6 * wanted,
        ).length;
        const truly = values.filter((value) => value >= wanted).length;
        if (straddling === 0) expect(good).toBeCloseTo(truly / values.length, 9);
      },
    ),
  );
});

test('the curves of the chart hold the ends of the battery’s line and stay in the picture', () => {
  const evaluation = evaluatePlan(newPlan('A'));
  const { emfVolts } = evaluation.source;
  const battery = batteryPoints(evaluation);
  const shortMilliamps = 1000 * evaluation.wiring.strings * cellAmpsAt(evaluation.cell.model, 0);
  expect(battery[0]).toEqual([emfVolts, 0]);
  expect(battery.at(-1)?.[0]).toBe(0);
  expect(battery.at(-1)?.[1]).toBeCloseTo(shortMilliamps, 9);
  expect(voltsAt(battery, 0)).toBe(emfVolts);
  expect(voltsAt(battery, 2 * shortMilliamps)).toBe(0);
  const middle = battery[30]!;
  expect(voltsAt(battery, middle[1])).toBeCloseTo(middle[0], 9);
  // The more current, the fewer volts.
  const milliamps = battery.map(([, current]) => current);
  expect([...milliamps].sort((one, other) => one - other)).toEqual(milliamps);
  const points = loadPoints(evaluation.need.load, emfVolts, shortMilliamps / 1000);
  expect(points.length).toBeGreaterThan(10);
  expect(Math.max(...points.map(([volts]) => volts))).toBeLessThanOrEqual(1.15 * emfVolts);
});
