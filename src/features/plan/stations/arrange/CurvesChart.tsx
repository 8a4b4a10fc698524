'use client';

import { isLit } from '@/core/records/plan/targetWords';
import { chartText, chartAxis, curve, points } from '@/ui/chart/chartParts';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { memo, useMemo, useState } from 'react';
import {
  BRIGHTNESS_BANDS,
  BRIGHTNESS_FROM_AMPS,
  type BrightnessBand,
  brightnessOf,
} from '@/core/physics/circuit/brightness';
import { deskCurve, deskShortAmps } from '@/core/physics/desk/solveDesk';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import type { OtherLoad } from '@/core/work/judging/otherLoads';
import { formatAmps, formatMinutes, formatNumber, formatVolts, formatWatts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import { useRoles } from '@/ui/useRoles';
import type { Roles } from '@/ui/roles';
import { type Load, loadVolts } from '@/core/physics/circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';

interface CurvesChartProps {
  readonly evaluation: PlanEvaluation;
  /** Other loads whose curves are drawn too. */
  readonly others: readonly OtherLoad[];
}

/** Battery and load as curves; where they cross is what really happens. */
export const CurvesChart = memo(function CurvesChart({ evaluation, others }: CurvesChartProps) {
  const roles = useRoles();
  const { need, amps, volts, source, desk, atEnd, minutes } = evaluation;
  const shortAmps = useMemo(() => deskShortAmps(desk), [desk]);
  const battery = useMemo(() => batteryPoints(evaluation), [evaluation]);
  const aged = useMemo(() => batteryPoints(evaluation.atEnd), [evaluation]);
  const option = useMemo(
    () => optionOf({ evaluation, others, battery, aged, shortAmps }, roles),
    [evaluation, others, battery, aged, shortAmps, roles],
  );
  const [share, setShare] = useState(0.5);
  const milliamps = 1000 * shortAmps * share;
  const power = (milliamps / 1000) * voltsAt(battery, milliamps);
  const most = Math.max(...battery.map(([v, mA]) => (v * mA) / 1000));
  const label = `Current against voltage. The battery falls from ${formatVolts(source.emfVolts)} with nothing connected to ${formatAmps(shortAmps)} shorted; it meets the curve of the ${need.name} at ${formatAmps(amps)} and ${formatVolts(volts)}; after ${formatMinutes(minutes)} at ${formatAmps(atEnd.amps)} and ${formatVolts(atEnd.volts)}.`;
  const glow = isLit(evaluation.target)
    ? ` An LED would ${GLOW_WORDS[brightnessOf(milliamps / 1000)]}.`
    : '';
  const reading = `At ${formatAmps(milliamps / 1000)} the battery holds ${formatVolts(voltsAt(battery, milliamps))}: ${formatWatts(power)} of at most ${formatWatts(most)}.${glow}`;
  return (
    <Card title="Operating point">
      <Chart option={option} label={label} height={158} />
      <Slider
        size="small"
        aria-label="Read the battery’s curve at a current"
        value={share}
        min={0}
        max={1}
        step={0.01}
        getAriaValueText={() => reading}
        onChange={(_, value) => setShare(Number(value))}
        sx={{ py: 0.5, mx: 0.5, width: 'calc(100% - 8px)' }}
      />
      <Typography variant="caption" color="textSecondary" component="p">
        {reading}
      </Typography>
    </Card>
  );
}, sameCurves);

/** The curves depend on desk and load alone, not on how many classes were simulated. */
function sameCurves(before: CurvesChartProps, after: CurvesChartProps): boolean {
  return (
    before.evaluation.desk === after.evaluation.desk &&
    before.evaluation.need === after.evaluation.need &&
    before.evaluation.minutes === after.evaluation.minutes &&
    before.others === after.others
  );
}

interface Drawn extends CurvesChartProps {
  readonly battery: readonly Point[];
  /** The same after the wanted time. */
  readonly aged: readonly Point[];
  readonly shortAmps: number;
}

/** Dashes that tell the other loads apart without colour. */
const OTHER_DASHES = [
  [2, 3],
  [8, 3, 2, 3],
  [10, 4],
  [1, 5],
] as const;

/** Points that lie closer together than this share have one label. */
const TOLD_APART = 0.9;

function optionOf({ evaluation, others, battery, aged, shortAmps }: Drawn, roles: Roles) {
  const { need, amps, volts, point, source, atEnd, minutes } = evaluation;
  const text = chartText(roles);
  const crossing = point.status === 'solved' ? [[volts, 1000 * amps]] : [];
  const crossingAtEnd = atEnd.point.status === 'solved' ? [[atEnd.volts, 1000 * atEnd.amps]] : [];
  const label = {
    show: true,
    color: roles.ink,
    fontWeight: 'bold',
    fontFamily: 'inherit',
    textBorderColor: roles.card,
    textBorderWidth: 3,
  };
  // Labels stand where there is room for them: right of points in the left half.
  const low = volts <= 0.6 * source.emfVolts;
  return {
    animation: false,
    grid: { left: 42, right: 18, top: 24, bottom: 22 },
    tooltip: {
      trigger: 'item',
      formatter: ({ seriesName, value }: { seriesName: string; value: [number, number] }) =>
        `${seriesName}: ${formatNumber(value[1])} mA at ${formatNumber(value[0])} V`,
    },
    xAxis: chartAxis(roles, { min: 0, axisLabel: { ...text, formatter: '{value} V' } }),
    yAxis: chartAxis(roles, { min: 0, nameGap: 8, name: 'mA', splitNumber: 4 }),
    series: [
      curve(
        'battery',
        battery,
        { color: roles.copper },
        isLit(evaluation.target) ? { markArea: brightnessBands(shortAmps, roles) } : {},
      ),
      curve(`battery after ${formatMinutes(minutes)}`, aged, {
        color: roles.copper,
        width: 2,
        type: [6, 4],
      }),
      curve(need.name, loadPoints(need.load, source.emfVolts, shortAmps), {
        color: roles.amber,
        type: [2, 3],
      }),
      ...others.flatMap(({ name, load }, index) =>
        load === null
          ? []
          : curve(
              name,
              loadPoints(load, source.emfVolts, shortAmps),
              { color: roles.softInk, width: 1.8, type: OTHER_DASHES[index] },
              { endLabel: { show: true, formatter: name, color: roles.softInk, fontSize: 11 } },
            ),
      ),
      points(`operating point after ${formatMinutes(minutes)}`, crossingAtEnd, roles, {
        symbolSize: 11,
        label: {
          ...label,
          ...(low ? { position: 'right', offset: [2, 8] } : { position: 'left' }),
          show: atEnd.amps < TOLD_APART * amps,
          formatter: `${formatMinutes(minutes)}: ${formatAmps(atEnd.amps)}`,
        },
      }),
      points('operating point at first', crossing, roles, {
        label: {
          ...label,
          ...(low ? { position: 'right', offset: [2, -8] } : { position: 'top' }),
          formatter: `at first: ${formatAmps(amps)}`,
        },
        z: 6,
      }),
    ],
  };
}

/** Currents at which an LED glimmers, is dim, clear and bright, as bands behind the curves. */
function brightnessBands(shortAmps: number, roles: Roles) {
  const most = 1000 * shortAmps;
  const bands = BRIGHTNESS_BANDS.flatMap((band, index) => {
    const from = 1000 * BRIGHTNESS_FROM_AMPS[band];
    const next = BRIGHTNESS_BANDS[index + 1];
    const to = Math.min(most, next === undefined ? most : 1000 * BRIGHTNESS_FROM_AMPS[next]);
    return from < to ? [{ band, from, to, index }] : [];
  });
  return {
    silent: true,
    data: bands.map(({ band, from, to, index }) => [
      {
        yAxis: from,
        itemStyle: { color: roles.amber, opacity: 0.045 * index },
        label: {
          // A band too narrow for its name goes without: the read-out names it.
          show: to - from > most / 7,
          formatter: band,
          // Beside the curves: the battery’s falls from the top left, the LED’s rises at the right.
          position: from + to < most ? 'insideTopLeft' : 'insideTopRight',
          color: roles.softInk,
          fontSize: 11,
        },
      },
      { yAxis: to },
    ]),
  };
}

/** How an LED looks, after “An LED would”. */
const GLOW_WORDS: Readonly<Record<BrightnessBand, string>> = {
  dark: 'stay dark',
  glimmer: 'only glimmer',
  dim: 'shine dimly',
  clear: 'shine clearly',
  bright: 'shine brightly',
};

export type Point = [volts: number, milliamps: number];

const POINTS = 60;

/** The battery's curve from nothing connected to shorted, as volts and milliamps. */
export function batteryPoints({ desk }: Pick<PlanEvaluation, 'desk'>): Point[] {
  return deskCurve(desk, POINTS).map(({ volts, amps }) => [volts, 1000 * amps]);
}

/** A load's curve up to the current that the shorted battery gives. */
export function loadPoints(load: Load, openVolts: number, mostAmps: number): Point[] {
  const points: Point[] = [[0, 0]];
  for (let index = 0; index <= POINTS; index += 1) {
    // Closer together at small currents, where a diode bends.
    const amps = mostAmps * (index / POINTS) ** 3;
    const volts = loadVolts(load, amps, ROOM_THERMAL_VOLTS);
    if (volts > 1.15 * openVolts) break;
    points.push([volts, 1000 * amps]);
  }
  if (load.kind === 'device' && load.leastVolts < openVolts) {
    points.push([load.leastVolts, 1000 * load.amps], [openVolts, 1000 * load.amps]);
  }
  return points.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
}

/** Volts of the battery at a current in milliamps, read off its points; 0 beyond the short-circuit current. */
export function voltsAt(points: readonly Point[], milliamps: number): number {
  for (const [index, [volts, at]] of points.entries()) {
    if (at < milliamps) continue;
    const [voltsBefore, before] = points[index - 1] ?? [volts, at];
    if (at === before) return volts;
    return voltsBefore + ((volts - voltsBefore) * (milliamps - before)) / (at - before);
  }
  return 0;
}
