import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import { LIGHT_ROLES } from '@/ui/roles';
import { rankingOption } from './rankingOption';

const { ranking } = analyseFairTest(DEMO_FAIR_TEST.test);
const option = rankingOption(ranking, false, LIGHT_ROLES);
const [intervals, readings, means] = option.series;

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

test('a single reading has no interval; volts stay volts', () => {
  const one = rankingOption(
    [{ id: 'a', name: 'kiwi', values: [0.93], mean: 0.93, spread: null, halfInterval: null }],
    true,
    LIGHT_ROLES,
  );
  expect(one.series[0]?.data[0]).toEqual([0.93, 0.93, 0.93, 0]);
  expect(one.xAxis.axisLabel.formatter).toBe('{value} V');
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
