import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { analyseFairTest, type Ranked } from '@/core/records/fairTest/analyseFairTest';
import { LIGHT_ROLES } from '@/ui/roles';
import { rankingOption } from './rankingOption';

const { ranking } = analyseFairTest({
  ...DEMO_FAIR_TEST.test,
  measure: 'short-circuit-amps',
});
const option = rankingOption(ranking, 'short-circuit-amps', LIGHT_ROLES);
const [intervals, readings, , means] = option.series;

test('names stand in the order of the ranking, best at the top', () => {
  expect(option.yAxis).toMatchObject({ inverse: true, data: ranking.map(({ name }) => name) });
});

test('each mean lies in the middle of its interval, in milliamps', () => {
  ranking.forEach(({ mean, halfInterval }, row) => {
    const [low, middle, high, at] = intervals!.data[row] as number[];
    expect(at).toBe(row);
    expect(middle).toBeCloseTo(1000 * mean, 9);
    expect(middle! - low!).toBeCloseTo(1000 * halfInterval!, 9);
    expect(high! - middle!).toBeCloseTo(1000 * halfInterval!, 9);
  });
});

test('every reading is a ring of its own in the row of its variant', () => {
  const rings = readings!.data as [number, number][];
  expect(rings).toHaveLength(ranking.flatMap(({ values }) => values).length);
  for (const [milliamps, row] of rings) {
    expect(ranking[row]?.values.some((value) => Math.abs(1000 * value - milliamps) < 1e-9)).toBe(
      true,
    );
  }
});

test('the mean in figures stands right of everything in its row, so that nothing is covered', () => {
  ranking.forEach(({ mean, halfInterval, values }, row) => {
    const { value, label } = means!.data[row] as unknown as {
      value: [number, number];
      label: { formatter: string };
    };
    expect(value[0]).toBeGreaterThanOrEqual(1000 * (mean + halfInterval!) - 1e-9);
    expect(value[0]).toBeGreaterThanOrEqual(1000 * Math.max(...values) - 1e-9);
    expect(label.formatter).toContain('mA');
  });
});

const variant = (values: readonly number[], change: Partial<Ranked> = {}): Ranked => ({
  id: 'a',
  name: 'kiwi',
  values,
  farOff: [],
  mean: values.reduce((sum, one) => sum + one, 0) / values.length,
  spread: null,
  halfInterval: null,
  ...change,
});

test('a single reading has no interval; volts stay volts', () => {
  const one = rankingOption([variant([0.93])], 'open-circuit-volts', LIGHT_ROLES);
  expect(one.series[0]?.data[0]).toEqual([0.93, 0.93, 0.93, 0]);
  expect(one.xAxis.axisLabel.formatter).toBe('{value} V');
  expect(one.xAxis.max - one.xAxis.min).toBeLessThan(0.1);
});

test('the axis fits the readings: a far one is a cross at its edge with its figure, a wide interval runs off', () => {
  const far = { variant: 'a', repeat: 3, value: 9.2 };
  const { xAxis, series } = rankingOption(
    [variant([0.93, 0.97], { farOff: [far], halfInterval: 0.25 })],
    'open-circuit-volts',
    LIGHT_ROLES,
  );
  expect(xAxis.min).toBeGreaterThan(0.9);
  expect(xAxis.max).toBeLessThan(1);
  const cross = series[2]?.data[0] as unknown as { value: number[]; label: { formatter: string } };
  expect(cross.value).toEqual([xAxis.max, 0]);
  expect(cross.label.formatter).toMatch(/^9\.20.V, off the axis$/);
  for (const tick of xAxis.axisLabel.customValues) {
    expect(tick).toBeGreaterThanOrEqual(xAxis.min);
    expect(tick).toBeLessThanOrEqual(xAxis.max);
  }
});

test('small currents and powers are written in micro-units', () => {
  const unit = (values: number[], measure: 'short-circuit-amps' | 'led-watts'): string =>
    rankingOption([variant(values)], measure, LIGHT_ROLES).xAxis.axisLabel.formatter;
  expect(unit([40e-6], 'short-circuit-amps')).toBe('{value} µA');
  expect(unit([1.4e-3], 'short-circuit-amps')).toBe('{value} mA');
  expect(unit([40e-6], 'led-watts')).toBe('{value} µW');
});

test('the drawn interval spans its ends', () => {
  const renderItem = (
    intervals as unknown as {
      renderItem: (_: unknown, api: unknown) => { children: { shape: object }[] };
    }
  ).renderItem;
  const values = [2, 3, 4, 0];
  const drawn = renderItem(null, {
    value: (dimension: number) => values[dimension],
    coord: ([x, y]: [number, number]) => [10 * x, 20 * y],
  });
  expect(drawn.children[0]?.shape).toMatchObject({ x: 20, width: 20 });
  expect(drawn.children[1]?.shape).toMatchObject({ x1: 30, x2: 30 });
});
