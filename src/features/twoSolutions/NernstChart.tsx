'use client';

import { useMemo } from 'react';
import { nernstLine, type TwoSolutions } from '@/core/physics/cell/twoSolutions';
import { formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';

interface NernstChartProps {
  readonly request: TwoSolutions;
  readonly volts: number | null;
}

/** The Nernst line with the working point on it. */
export function NernstChart({ request, volts }: NernstChartProps) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(request, volts, roles), [request, volts, roles]);
  const ratio = formatNumber(request.right / request.left);
  const label = `Voltage against the ratio of right to left concentration on a logarithmic scale; the working point is at ratio ${ratio}${volts === null ? ', without a bridge' : ` and ${formatVolts(volts)}`}.`;
  return (
    <Card title="The Nernst line">
      <Chart option={option} label={label} height={260} />
    </Card>
  );
}

function optionOf(request: TwoSolutions, volts: number | null, roles: Roles) {
  const text = { color: roles.softInk, fontFamily: 'inherit', fontSize: 12 };
  const point = volts === null ? [] : [[request.right / request.left, 1000 * volts]];
  return {
    animation: false,
    grid: { left: 56, right: 24, top: 30, bottom: 42 },
    xAxis: {
      type: 'log',
      name: 'right ÷ left',
      nameLocation: 'middle',
      nameGap: 26,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: (value: number) => formatNumber(value) },
      axisLine: { onZero: false, lineStyle: { color: roles.rule } },
      splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
    },
    yAxis: {
      type: 'value',
      name: 'mV',
      scale: true,
      nameTextStyle: text,
      axisLabel: text,
      axisLine: { show: true, onZero: false, lineStyle: { color: roles.rule } },
      splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
    },
    series: [
      {
        type: 'line',
        symbol: 'none',
        data: nernstLine(request).map(({ ratio, volts: at }) => [ratio, 1000 * at]),
        lineStyle: { color: roles.copper, width: 2.5 },
      },
      {
        type: 'scatter',
        data: point,
        symbolSize: 13,
        itemStyle: { color: roles.card, borderColor: roles.ink, borderWidth: 2.5 },
        z: 5,
      },
    ],
  };
}
