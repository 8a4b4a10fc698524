import { ROOM_THERMAL_VOLTS } from '../constants';
import { ledModelOf } from '../circuit/load/ledPresets';
import { randomStream } from './random';
import { CLASS_SCATTER } from './scatter';
import { quantile, simulateClasses, type ClassesInput } from './simulateClasses';

const input: ClassesInput = {
  cell: { emfVolts: 0.93, resistanceOhms: 654 },
  cellsInSeries: 4,
  strings: 3,
  load: { kind: 'led', led: ledModelOf('amber') },
  wantedAmps: 1.5e-3,
  thermalVolts: ROOM_THERMAL_VOLTS,
  classes: 2000,
  seed: 7,
};
const exact = { ...CLASS_SCATTER, emfShare: 0, resistanceLog: 0, badJointChance: 0 };

test('the same seed gives the same classes, another seed others', () => {
  const one = simulateClasses(input);
  expect(simulateClasses(input).sortedAmps).toEqual(one.sortedAmps);
  expect(simulateClasses({ ...input, seed: 8 }).sortedAmps).not.toEqual(one.sortedAmps);
});

test('without scatter every class gets the planned current', () => {
  const { sortedAmps, working } = simulateClasses({ ...input, classes: 5, scatter: exact });
  expect(new Set(sortedAmps).size).toBe(1);
  expect(working).toBe(5);
});

test('scatter of the open volts: the mean stays, the spread falls with √n', () => {
  const scatter = { ...exact, emfShare: 0.05 };
  const load = { kind: 'resistor', ohms: 1e9 } as const;
  const spread = (cellsInSeries: number): { mean: number; deviation: number } => {
    const { sortedVolts } = simulateClasses({
      ...input,
      strings: 1,
      cellsInSeries,
      load,
      scatter,
      classes: 8000,
    });
    const mean = sortedVolts.reduce((sum, volts) => sum + volts, 0) / sortedVolts.length;
    const variance =
      sortedVolts.reduce((sum, volts) => sum + (volts - mean) ** 2, 0) / sortedVolts.length;
    return { mean, deviation: Math.sqrt(variance) };
  };
  const four = spread(4);
  expect(four.mean).toBeCloseTo(4 * 0.93, 2);
  // Sum of independent normals: σ·√n.
  expect(four.deviation / (0.05 * 0.93 * 2)).toBeGreaterThan(0.95);
  expect(four.deviation / (0.05 * 0.93 * 2)).toBeLessThan(1.05);
});

test('one joint in thirty is bad: a string of n cells has n + 1 joints', () => {
  const scatter = {
    ...exact,
    badJointChance: 1 / 30,
    badJointLeastOhms: 1e9,
    badJointMostOhms: 1e9,
  };
  const { working, classes } = simulateClasses({
    ...input,
    strings: 1,
    scatter,
    wantedAmps: 1e-5,
    classes: 20000,
  });
  // (29/30)^5 of the strings have no bad joint.
  expect(working / classes).toBeGreaterThan((29 / 30) ** 5 - 0.01);
  expect(working / classes).toBeLessThan((29 / 30) ** 5 + 0.01);
});

test('quantiles of sorted values', () => {
  const sorted = Float64Array.of(1, 2, 3, 4, 5);
  expect([0, 0.5, 1].map((share) => quantile(sorted, share))).toEqual([1, 3, 5]);
  expect(quantile(new Float64Array(0), 0.5)).toBe(0);
});

test('the random stream is normal: mean 0, variance 1, and uniform in [0, 1)', () => {
  const random = randomStream(3);
  const normals = Array.from({ length: 20000 }, () => random.normal());
  const mean = normals.reduce((sum, value) => sum + value, 0) / normals.length;
  const variance = normals.reduce((sum, value) => sum + value ** 2, 0) / normals.length;
  expect(Math.abs(mean)).toBeLessThan(0.03);
  expect(Math.abs(variance - 1)).toBeLessThan(0.05);
  const uniforms = Array.from({ length: 1000 }, () => random.uniform());
  expect(Math.min(...uniforms)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...uniforms)).toBeLessThan(1);
});
