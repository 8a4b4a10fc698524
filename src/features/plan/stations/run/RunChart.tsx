'use client';

import { chartAxis, chartText, curve, lineAt } from '@/ui/chart/chartParts';
import { useMemo } from 'react';
import type { LeftRunning } from '@/core/work/running/leaveRunning';
import type { ReadPoint } from '@/core/work/running/readInTime';
import { aboutTime, formatNumber } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';
import { quantityAxis, TIME_GRID, TIME_TOOLTIP } from './timeAxis';
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
  const text = chartText(roles);
  const fromOneSecond = (all: typeof samples) => all.filter(({ seconds }) => seconds >= 1);
  const shown = fromOneSecond(samples);
  const ampsOf = (all: typeof samples) =>
    fromOneSecond(all).map(({ seconds, amps }) => [seconds, 1000 * amps]);
  const onRight = { yAxisIndex: 1 };
  return {
    animation: false,
    grid: TIME_GRID,
    tooltip: TIME_TOOLTIP,
    xAxis: chartAxis(roles, {
      type: 'log',
      min: 1,
      max: Math.max(10, endSeconds),
      axisLabel: { ...text, formatter: (seconds: number) => aboutTime(seconds) },
    }),
    yAxis: [quantityAxis('V', roles), quantityAxis('mA', roles)],
    series: [
      curve(
        'volts at the device (V)',
        shown.map(({ seconds, volts }) => [seconds, volts]),
        { color: roles.zinc, type: 'dashed' },
        atSeconds === null ? {} : { markLine: lineAt({ xAxis: atSeconds }, roles) },
      ),
      curve('current (mA)', ampsOf(samples), { color: roles.copper }, onRight),
      ...(before === null
        ? []
        : [
            curve(
              'current before the refit (mA)',
              ampsOf(before.samples),
              { color: roles.copper, width: 1, type: 'dotted' },
              onRight,
            ),
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
