import type { Ranked } from '@/core/records/fairTest/analyseFairTest';
import { formatAmps, formatVolts } from '@/core/units';
import type { Roles } from '@/ui/roles';

interface CustomApi {
  value(dimension: number): number;
  coord(point: [number, number]): [number, number];
}

const MILLI = 1000;

/** Chart of a ranking: every reading as a ring, the mean with its 95 % interval, best at the top. */
export function rankingOption(ranking: readonly Ranked[], inVolts: boolean, roles: Roles) {
  const scale = inVolts ? 1 : MILLI;
  const text = { color: roles.softInk, fontFamily: 'inherit', fontSize: 12 };
  const format = inVolts ? formatVolts : formatAmps;
  return {
    animation: false,
    grid: { left: 8, right: 66, top: 8, bottom: 8, containLabel: true },
    xAxis: {
      type: 'value',
      scale: true,
      axisLine: { show: true, lineStyle: { color: roles.rule } },
      splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
      axisLabel: { ...text, formatter: inVolts ? '{value} V' : '{value} mA' },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: ranking.map(({ name }) => name),
      axisLine: { lineStyle: { color: roles.rule } },
      axisTick: { show: false },
      axisLabel: { ...text, color: roles.ink, fontSize: 13 },
    },
    series: [
      {
        name: 'mean with its 95 % interval',
        type: 'custom',
        silent: true,
        data: ranking.map(({ mean, halfInterval }, index) => [
          scale * (mean - (halfInterval ?? 0)),
          scale * mean,
          scale * (mean + (halfInterval ?? 0)),
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
        name: 'mean in figures',
        type: 'scatter',
        silent: true,
        symbolSize: 0,
        data: ranking.map(({ mean, halfInterval, values }, index) => ({
          value: [scale * Math.max(mean + (halfInterval ?? 0), ...values), index],
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
