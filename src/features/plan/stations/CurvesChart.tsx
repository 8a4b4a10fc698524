'use client';

import { deskShortAmps } from '@/core/desk/solveDesk';
import { memo, useMemo } from 'react';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';
import { formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import { useRoles } from '@/ui/useRoles';
import type { Roles } from '@/ui/roles';
import { batteryPoints, loadPoints } from './curves';

/** Battery and load as curves; where they cross is what really happens. */
export const CurvesChart = memo(function CurvesChart({
  evaluation,
}: {
  evaluation: PlanEvaluation;
}) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(evaluation, roles), [evaluation, roles]);
  const { need, amps, volts, source, desk } = evaluation;
  const label = `Current against voltage. The battery falls from ${formatVolts(source.emfVolts)} with nothing connected to ${formatAmps(deskShortAmps(desk))} shorted; it meets the curve of the ${need.name} at ${formatAmps(amps)} and ${formatVolts(volts)}.`;
  return (
    <Card title={`Where battery and ${evaluation.target.kind === 'led' ? 'LED' : 'load'} agree`}>
      <Chart option={option} label={label} height={158} />
    </Card>
  );
});

function optionOf(evaluation: PlanEvaluation, roles: Roles) {
  const { need, amps, volts, point } = evaluation;
  const text = { color: roles.softInk, fontFamily: 'inherit', fontSize: 12 };
  const axis = {
    type: 'value',
    axisLine: { show: true, lineStyle: { color: roles.rule } },
    splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
    axisLabel: text,
    nameTextStyle: text,
    min: 0,
  };
  const crossing = point.status === 'solved' ? [[volts, 1000 * amps]] : [];
  return {
    animation: false,
    grid: { left: 42, right: 18, top: 24, bottom: 22 },
    tooltip: {
      trigger: 'item',
      formatter: ({ seriesName, value }: { seriesName: string; value: [number, number] }) =>
        `${seriesName}: ${formatNumber(value[1])} mA at ${formatNumber(value[0])} V`,
    },
    xAxis: { ...axis, axisLabel: { ...text, formatter: '{value} V' } },
    yAxis: { ...axis, name: 'mA', splitNumber: 4 },
    series: [
      {
        name: 'battery',
        type: 'line',
        data: batteryPoints(evaluation),
        symbol: 'none',
        lineStyle: { color: roles.copper, width: 2.5 },
      },
      {
        name: need.name,
        type: 'line',
        data: loadPoints(evaluation),
        symbol: 'none',
        lineStyle: { color: roles.amber, width: 2.5, type: 'dashed' },
      },
      {
        name: 'operating point',
        type: 'scatter',
        data: crossing,
        symbolSize: 12,
        itemStyle: { color: roles.card, borderColor: roles.ink, borderWidth: 2.5 },
        label: {
          show: true,
          position: volts > 0.6 * evaluation.source.emfVolts ? 'top' : 'right',
          formatter: `${formatAmps(amps)} at ${formatVolts(volts)}`,
          color: roles.ink,
          fontWeight: 'bold',
          fontFamily: 'inherit',
          textBorderColor: roles.card,
          textBorderWidth: 3,
        },
        z: 5,
      },
    ],
  };
}
