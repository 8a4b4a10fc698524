'use client';

import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';
import { formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';
import { cellCurve, type CellCurve } from './cellCurve';

interface ErrorApi {
  value(dimension: number): number;
  coord(point: [number, number]): [number, number];
}

/** Terminal voltage of one cell against the current drawn, with the educator's readings on it. */
export const CellCurveChart = memo(function CellCurveChart({ cell }: { cell: PlannedCell }) {
  const roles = useRoles();
  const curve = useMemo(() => cellCurve(cell), [cell]);
  const option = useMemo(() => optionOf(curve, roles), [curve, roles]);
  const last = curve.now.at(-1);
  const label = `Volts of one cell against the current: from ${formatVolts(cell.model.emfVolts)} with nothing connected to 0 V at ${formatAmps((last?.[0] ?? 0) / 1000)}, shorted.${curve.usual.length > 0 ? ' The usual cell is drawn dashed.' : ''}${curve.read.length > 0 ? ` ${curve.read.length} readings are marked.` : ''}`;
  return (
    <>
      <Chart option={option} label={label} height={190} />
      <Typography variant="caption" color="textSecondary" component="p">
        Volts of one cell against the current drawn from it.
        {curve.usual.length > 0 ? ' Dashed: the recipe’s usual cell.' : ''}
        {curve.read.length > 0 ? ' Diamonds: your readings.' : ''}
        {curve.band.length > 0 ? ' Band: where 95 in 100 such fits hold the truth.' : ''}
      </Typography>
    </>
  );
});

function optionOf({ now, usual, read, band }: CellCurve, roles: Roles) {
  const text = { color: roles.softInk, fontFamily: 'inherit', fontSize: 12 };
  const axis = {
    type: 'value',
    min: 0,
    axisLine: { show: true, lineStyle: { color: roles.rule } },
    splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
    axisLabel: text,
    nameTextStyle: text,
  };
  const line = (name: string, data: CellCurve['now'], color: string, type: string) => ({
    name,
    type: 'line',
    data,
    symbol: 'none',
    lineStyle: { color, width: 2.5, type },
  });
  return {
    animation: false,
    grid: { left: 42, right: 18, top: 24, bottom: 24 },
    tooltip: {
      trigger: 'item',
      formatter: ({ seriesName, value }: { seriesName: string; value: [number, number] }) =>
        `${seriesName}: ${formatNumber(value[1])} V at ${formatNumber(value[0])} mA`,
    },
    xAxis: { ...axis, axisLabel: { ...text, formatter: '{value} mA' }, splitNumber: 4 },
    yAxis: { ...axis, name: 'V', nameGap: 8, splitNumber: 4 },
    series: [
      // The band is the area between its lower line and the same line lifted by its height.
      {
        name: 'lower',
        type: 'line',
        stack: 'band',
        silent: true,
        symbol: 'none',
        lineStyle: { opacity: 0 },
        data: band.map(({ milliamps, low }) => [milliamps, low]),
      },
      {
        name: 'band',
        type: 'line',
        stack: 'band',
        silent: true,
        symbol: 'none',
        lineStyle: { opacity: 0 },
        areaStyle: { color: roles.copper, opacity: 0.18 },
        data: band.map(({ milliamps, low, high }) => [milliamps, high - low]),
      },
      line('usual cell', usual, roles.softInk, 'dashed'),
      line('this cell', now, roles.copper, 'solid'),
      {
        name: 'meter error',
        type: 'custom',
        silent: true,
        data: read.map(({ at, errorVolts }) => [at[0], at[1] - errorVolts, at[1] + errorVolts]),
        encode: { x: 0, y: [1, 2] },
        renderItem: (_: unknown, api: ErrorApi) => {
          const [x, low] = api.coord([api.value(0), api.value(1)]);
          const [, high] = api.coord([api.value(0), api.value(2)]);
          return {
            type: 'line',
            shape: { x1: x, y1: low, x2: x, y2: high },
            style: { stroke: roles.ink, lineWidth: 1.5 },
          };
        },
      },
      {
        name: 'reading',
        type: 'scatter',
        data: read.map(({ at }) => at),
        symbol: 'diamond',
        symbolSize: 12,
        itemStyle: { color: roles.card, borderColor: roles.ink, borderWidth: 2 },
        z: 5,
      },
    ],
  };
}
