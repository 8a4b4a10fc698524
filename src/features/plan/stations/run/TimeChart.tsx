'use client';

import { chartAxis, chartText, curve } from '@/ui/chart/chartParts';
import { useMemo } from 'react';
import { aboutTime } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';
import { quantityAxis, TIME_GRID, TIME_TOOLTIP } from './timeAxis';

/** One quantity over time. */
export interface TimeLine {
  readonly name: string;
  readonly unit: 'V' | 'mA';
  readonly points: readonly (readonly [seconds: number, value: number])[];
  /** Only its points, not joined. */
  readonly scattered?: boolean;
}

interface TimeChartProps {
  readonly lines: readonly TimeLine[];
  readonly label: string;
  readonly height?: number;
}

/** Volts (dashed, left) and milliamps (line, right) over an even axis of time. */
export function TimeChart({ lines, label, height = 230 }: TimeChartProps) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(lines, roles), [lines, roles]);
  return <Chart option={option} label={label} height={height} />;
}

function optionOf(lines: readonly TimeLine[], roles: Roles) {
  const text = chartText(roles);
  const units = (['V', 'mA'] as const).filter((unit) => lines.some((line) => line.unit === unit));
  const last = Math.max(...lines.flatMap(({ points }) => points.map(([seconds]) => seconds)));
  return {
    animation: false,
    grid: TIME_GRID,
    tooltip: TIME_TOOLTIP,
    xAxis: chartAxis(roles, {
      min: 0,
      max: last,
      interval: evenStep(last),
      axisLabel: {
        ...text,
        showMaxLabel: false,
        formatter: (seconds: number) => (seconds === 0 ? '0' : aboutTime(seconds)),
      },
    }),
    yAxis: units.map((unit, index) => ({
      ...quantityAxis(unit, roles),
      position: index === 0 ? 'left' : 'right',
    })),
    series: lines.map(({ name, unit, points, scattered }) => {
      const color = unit === 'V' ? roles.zinc : roles.copper;
      return curve(
        `${name} (${unit})`,
        points,
        { color, type: unit === 'V' ? 'dashed' : 'solid' },
        {
          yAxisIndex: units.indexOf(unit),
          ...(scattered === true ? { type: 'scatter', symbol: 'circle', symbolSize: 6 } : {}),
        },
      );
    }),
  };
}

/** Steps that people count time in, seconds. */
const STEPS = [
  1, 2, 5, 10, 20, 30, 60, 120, 300, 600, 1200, 1800, 3600, 7200, 14_400, 21_600, 43_200, 86_400,
];
const MAX_STEPS = 8;

function evenStep(span: number): number {
  return STEPS.find((step) => span / step <= MAX_STEPS) ?? span / MAX_STEPS;
}
