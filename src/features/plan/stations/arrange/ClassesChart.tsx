'use client';

import { chartText, lineAt } from '@/ui/chart/chartParts';
import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import { sparesNeeded } from '@/core/physics/chance/spares';
import { cellsOf } from '@/core/physics/desk/desk';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { nineInTen } from '@/core/work/words/explain';
import { chanceWording, metalWording } from '@/core/work/judging/verdict';
import { formatAmps, formatCount, formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';

/** What ECharts hands to a custom series: values of the row, and their place in the picture. */
interface BarApi {
  value(dimension: number): number;
  coord(point: [number, number]): [number, number];
}

/** What simulated classes get, how sure the light is, and how many cells to have in spare. */
export const ClassesChart = memo(function ClassesChart({
  evaluation,
}: {
  evaluation: PlanEvaluation;
}) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(evaluation, roles), [evaluation, roles]);
  const { need, desk, classes } = evaluation;
  const { format } = measureOf(evaluation);
  const range = `nine in ten get ${nineInTen(evaluation)}`;
  const wanted = need.load.kind === 'device' ? need.volts : need.amps;
  const label = `${formatCount(classes.classes)} simulated classes: ${range}; ${format(wanted)} is wanted.`;
  const cells = cellsOf(desk).length;
  const spares = sparesNeeded(cells, SURE_OF_SPARES);
  return (
    <Card title="If a class builds it">
      <Chart option={option} label={label} height={138} />
      <Typography
        variant="caption"
        color="textSecondary"
        component="p"
        data-testid="class-simulation"
      >
        {formatCount(classes.classes)} classes: {chanceWording(evaluation.classes.chance)};{' '}
        {[range, ...metalWording(evaluation)].join('; ')}. Have{' '}
        {spares === 1 ? '1 spare cell' : `${spares} spare cells`}: then {cells} good ones are there
        in 95 of 100 classes.
        {evaluation.wrong > 0 ? ' This is the battery with nothing wrong.' : ''}
      </Typography>
    </Card>
  );
});

/** How sure the spare cells are to be enough. */
const SURE_OF_SPARES = 0.95;

/** What tells the classes apart: currents, or volts where the load fixes the current. */
function measureOf({ classes, need }: PlanEvaluation) {
  return need.load.kind === 'device'
    ? {
        sorted: classes.gets().sortedVolts,
        wanted: need.volts,
        unit: 'V',
        perUnit: 1,
        format: formatVolts,
      }
    : {
        sorted: classes.gets().sortedAmps,
        wanted: need.amps,
        unit: 'mA',
        perUnit: 1000,
        format: formatAmps,
      };
}

function optionOf(evaluation: PlanEvaluation, roles: Roles) {
  const measure = measureOf(evaluation);
  const { unit, perUnit } = measure;
  const bins = histogram(measure.sorted, measure.wanted);
  const wanted = perUnit * measure.wanted;
  const text = chartText(roles);
  const most = Math.max(wanted, perUnit * (bins.at(-1)?.to ?? 0));
  const least = Math.min(wanted, perUnit * (bins[0]?.from ?? 0));
  return {
    animation: false,
    grid: { left: 8, right: 14, top: 24, bottom: 24 },
    tooltip: {
      formatter: ({ dataIndex }: { dataIndex: number }) => {
        const bin = bins[dataIndex];
        if (bin === undefined) return '';
        return `${measure.format(bin.from)} to ${measure.format(bin.to)}: ${formatNumber(100 * bin.share, 2)} in 100 classes`;
      },
    },
    xAxis: {
      type: 'value',
      min: least - 0.04 * (most - least),
      max: most + 0.04 * (most - least),
      splitNumber: 4,
      splitLine: { show: false },
      axisLine: { lineStyle: { color: roles.ink } },
      axisLabel: {
        ...text,
        showMinLabel: false,
        showMaxLabel: false,
        formatter: (value: number) => `${formatNumber(value)} ${unit}`,
      },
    },
    yAxis: { type: 'value', show: false },
    series: [
      {
        type: 'custom',
        data: bins.map((bin) => [perUnit * bin.from, perUnit * bin.to, bin.share]),
        encode: { x: [0, 1], y: 2 },
        renderItem: (_: unknown, api: BarApi) => {
          const [left, top] = api.coord([api.value(0), api.value(2)]);
          const [right, bottom] = api.coord([api.value(1), 0]);
          const good = api.value(0) >= wanted * (1 - 1e-6);
          return {
            type: 'rect',
            shape: {
              x: left + 1,
              y: top,
              width: Math.max(1, right - left - 2),
              height: bottom - top,
              r: 2,
            },
            style: good
              ? { fill: roles.leaf, opacity: 0.75 }
              : { fill: roles.amberSoft, stroke: roles.amber },
          };
        },
        markLine: lineAt({ xAxis: wanted }, roles, {
          formatter: 'wanted from here',
          position: 'end',
          align: wanted > (least + most) / 2 ? 'right' : 'left',
        }),
      },
    ],
  };
}

export interface Bin {
  readonly from: number;
  readonly to: number;
  readonly share: number;
}

const BINS = 14;

/** Sorted values in equal steps; one edge lies on the wanted value so that no bar is half good. */
export function histogram(sorted: Float64Array, wanted: number): Bin[] {
  const least = sorted[0] ?? 0;
  const most = sorted.at(-1) ?? 0;
  const width = Math.max((most - least) / BINS, wanted * 1e-3, 1e-12);
  const below = Math.max(0, Math.ceil((wanted - least) / width - 1e-9));
  const start = wanted > most ? least : wanted - below * width;
  const last = Math.max(0, Math.floor((most - start) / width + 1e-9));
  const counts = new Array<number>(last + 1).fill(0);
  for (const value of sorted) {
    const at = Math.min(last, Math.max(0, Math.floor((value - start) / width + 1e-9)));
    counts[at] = (counts[at] ?? 0) + 1;
  }
  return counts.map((count, at) => ({
    from: start + at * width,
    to: start + (at + 1) * width,
    share: count / sorted.length,
  }));
}
