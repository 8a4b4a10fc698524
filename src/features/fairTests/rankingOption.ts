import { chartText } from '@/ui/chart/chartParts';
import { roundTicks } from '@/core/numeric/roundTicks';
import type { Ranked } from '@/core/records/fairTest/analyseFairTest';
import { FORMAT_OF } from '@/core/records/fairTest/describeDifference';
import type { Measure } from '@/core/records/fairTest/fairTestSchema';
import type { Roles } from '@/ui/roles';

interface CustomApi {
  value(dimension: number): number;
  coord(point: [number, number]): [number, number];
}

interface AxisUnit {
  readonly scale: number;
  readonly unit: string;
}

/** Fewest volts, amperes or watts that an axis spans, so that equal readings do not fill it. */
const LEAST_SPAN: Readonly<Record<Measure, number>> = {
  'open-circuit-volts': 0.02,
  'short-circuit-amps': 20e-6,
  'led-watts': 1e-6,
};
const MARGIN_SHARE = 0.08;
/** An interval longer than this share of the readings’ span runs off the axis: with two readings it says little. */
const INTERVAL_ROOM = 0.4;
const TICKS = 7;

/** Chart of a ranking: every reading as a ring, the mean with its 95 % interval, best at the top; far readings are crosses. */
export function rankingOption(ranking: readonly Ranked[], measure: Measure, roles: Roles) {
  const { scale, unit } = unitOf(ranking, measure);
  const { least, most } = axisOf(ranking, measure);
  const text = chartText(roles);
  const format = FORMAT_OF[measure];
  const within = (value: number): number => Math.min(Math.max(value, least), most);
  const ticks = roundTicks(scale * least, scale * most, TICKS);
  return {
    animation: false,
    grid: { left: 14, right: 66, top: 8, bottom: 8, containLabel: true },
    xAxis: {
      type: 'value',
      min: scale * least,
      max: scale * most,
      axisLine: { show: true, lineStyle: { color: roles.rule } },
      axisTick: { customValues: ticks },
      splitLine: { show: false },
      axisLabel: { ...text, customValues: ticks, formatter: `{value} ${unit}` },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: ranking.map(({ name }) => name),
      axisLine: { lineStyle: { color: roles.rule } },
      axisTick: { show: false },
      splitLine: { show: true, lineStyle: { color: roles.rule, opacity: 0.6 } },
      axisLabel: { ...text, color: roles.ink, fontSize: 13 },
    },
    series: [
      {
        name: 'mean with its 95 % interval',
        type: 'custom',
        silent: true,
        clip: true,
        data: ranking.map(({ mean, halfInterval }, index) => [
          scale * within(mean - (halfInterval ?? 0)),
          scale * mean,
          scale * within(mean + (halfInterval ?? 0)),
          index,
        ]),
        encode: { x: [0, 1, 2], y: 3 },
        renderItem: (_: unknown, api: CustomApi) => {
          const row = api.value(3);
          const [low, y] = api.coord([api.value(0), row]);
          const [mean] = api.coord([api.value(1), row]);
          const [high] = api.coord([api.value(2), row]);
          return {
            type: 'group',
            children: [
              {
                type: 'rect',
                shape: { x: low, y: y - 5, width: Math.max(0, high - low), height: 10, r: 3 },
                style: { fill: roles.copper, opacity: 0.22 },
              },
              {
                type: 'line',
                shape: { x1: mean, y1: y - 9, x2: mean, y2: y + 9 },
                style: { stroke: roles.copper, lineWidth: 3 },
              },
            ],
          };
        },
      },
      {
        name: 'reading',
        type: 'scatter',
        data: ranking.flatMap(({ values }, index) => values.map((value) => [scale * value, index])),
        symbolSize: 8,
        itemStyle: { color: roles.card, borderColor: roles.ink, borderWidth: 1.5 },
        z: 4,
      },
      {
        name: 'far from the others',
        type: 'scatter',
        clip: false,
        symbol: CROSS,
        symbolSize: 10,
        data: ranking.flatMap(({ farOff }, index) =>
          farOff.map(({ value }) => ({
            value: [scale * within(value), index],
            label: {
              show: true,
              position: value > (least + most) / 2 ? 'left' : 'right',
              formatter: value === within(value) ? format(value) : `${format(value)}, off the axis`,
              color: roles.red,
              fontFamily: 'inherit',
              fontSize: 12,
            },
          })),
        ),
        itemStyle: { color: roles.red },
        z: 5,
      },
      {
        name: 'mean in figures',
        type: 'scatter',
        silent: true,
        symbolSize: 0,
        data: ranking.map(({ mean, halfInterval, values }, index) => ({
          value: [scale * within(Math.max(mean + (halfInterval ?? 0), ...values)), index],
          label: {
            show: true,
            position: 'right',
            formatter: format(mean),
            color: roles.ink,
            fontFamily: 'inherit',
            fontWeight: 'bold',
          },
        })),
      },
    ],
  };
}

/** Two strokes across each other, in a square of 10. */
const CROSS = 'path://M0 1 L1 0 L5 4 L9 0 L10 1 L6 5 L10 9 L9 10 L5 6 L1 10 L0 9 L4 5 Z';

function unitOf(ranking: readonly Ranked[], measure: Measure): AxisUnit {
  if (measure === 'open-circuit-volts') return { scale: 1, unit: 'V' };
  const largest = Math.max(0, ...ranking.map(({ mean }) => mean));
  const quantity = measure === 'led-watts' ? 'W' : 'A';
  return largest < 1e-3
    ? { scale: 1e6, unit: `µ${quantity}` }
    : { scale: 1e3, unit: `m${quantity}` };
}

/** Ends of the axis: all readings that count, with room for their intervals; one far off does not squeeze the rest. */
function axisOf(
  ranking: readonly Ranked[],
  measure: Measure,
): { readonly least: number; readonly most: number } {
  const values = ranking.flatMap((one) => one.values);
  const low = Math.min(...values);
  const high = Math.max(...values);
  const span = Math.max(high - low, LEAST_SPAN[measure]);
  const ends = ranking.flatMap(({ mean, halfInterval }) => [
    mean - (halfInterval ?? 0),
    mean + (halfInterval ?? 0),
  ]);
  const least = Math.max(Math.min(low, ...ends), low - INTERVAL_ROOM * span);
  const most = Math.min(Math.max(high, ...ends), high + INTERVAL_ROOM * span);
  const margin = MARGIN_SHARE * span;
  return { least: least - margin, most: most + margin };
}
