'use client';

import { useMemo } from 'react';
import type { LeftRunning } from '@/core/work/running/leaveRunning';
import type { ReadPoint } from '@/core/work/running/readInTime';
import { aboutTime, formatNumber } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';
import { axisText, quantityAxis, TIME_GRID, TIME_TOOLTIP } from './timeAxis';
import { useReadInTime } from '../../useBatteryRun';

interface RunChartProps {
  readonly left: LeftRunning;
  /** Moment that is looked at; `null`: none. */
  readonly atSeconds: number | null;
}

/** Volts and current over time, decades wide; what the group read over time as points on them. */
export function RunChart({ left, atSeconds }: RunChartProps) {
  const roles = useRoles();
  const read = useReadInTime();
  const { run } = left;
  const option = useMemo(
    () => optionOf(left, read, atSeconds, roles),
    [left, read, atSeconds, roles],
  );
  const first = run.samples[0];
  const last = run.samples.at(-1);
  const label =
    first === undefined || last === undefined
      ? 'Nothing runs.'
      : `From ${formatNumber(1000 * first.amps)} mA at ${formatNumber(first.volts)} V to ${formatNumber(1000 * last.amps)} mA at ${formatNumber(last.volts)} V after ${aboutTime(run.endSeconds)}; ${read.length} points read.`;
  return <Chart option={option} label={label} height={210} />;
}

function optionOf(
  { run: { samples, endSeconds }, before }: LeftRunning,
  read: readonly ReadPoint[],
  atSeconds: number | null,
  roles: Roles,
) {
  const text = axisText(roles);
  const shown = samples.filter(({ seconds }) => seconds >= 1);
  const line = { silent: true, symbol: 'none', label: { show: false } };
  const moment =
    atSeconds === null
      ? undefined
      : { ...line, lineStyle: { color: roles.ink, type: 'solid' }, data: [{ xAxis: atSeconds }] };
  return {
    animation: false,
    grid: TIME_GRID,
    tooltip: TIME_TOOLTIP,
    xAxis: {
      type: 'log',
      min: 1,
      max: Math.max(10, endSeconds),
      axisLabel: { ...text, formatter: (seconds: number) => aboutTime(seconds) },
      splitLine: { lineStyle: { color: roles.rule } },
    },
    yAxis: [quantityAxis('V', roles), quantityAxis('mA', roles)],
    series: [
      {
        name: 'volts at the device (V)',
        type: 'line',
        showSymbol: false,
        data: shown.map(({ seconds, volts }) => [seconds, volts]),
        lineStyle: { color: roles.zinc, width: 2.5, type: 'dashed' },
        itemStyle: { color: roles.zinc },
        markLine: moment,
      },
      {
        name: 'current (mA)',
        type: 'line',
        yAxisIndex: 1,
        showSymbol: false,
        data: shown.map(({ seconds, amps }) => [seconds, 1000 * amps]),
        lineStyle: { color: roles.copper, width: 2.5 },
        itemStyle: { color: roles.copper },
      },
      ...(before === null
        ? []
        : [
            {
              name: 'current before the refit (mA)',
              type: 'line',
              yAxisIndex: 1,
              showSymbol: false,
              data: before.samples
                .filter(({ seconds }) => seconds >= 1)
                .map(({ seconds, amps }) => [seconds, 1000 * amps]),
              lineStyle: { color: roles.copper, width: 1, type: 'dotted' },
              itemStyle: { color: roles.copper },
            },
          ]),
      {
        name: 'read (V)',
        type: 'scatter',
        symbol: 'rect',
        data: read.flatMap(({ seconds, volts }) => (volts === null ? [] : [[seconds, volts]])),
        itemStyle: { color: roles.zinc },
      },
      {
        name: 'read (mA)',
        type: 'scatter',
        yAxisIndex: 1,
        data: read.flatMap(({ seconds, amps }) => (amps === null ? [] : [[seconds, 1000 * amps]])),
        itemStyle: { color: roles.copper },
      },
    ],
  };
}
