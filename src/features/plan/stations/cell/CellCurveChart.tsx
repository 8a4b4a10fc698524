'use client';

import { chartAxis, curve, points } from '@/ui/chart/chartParts';
import Typography from '@mui/material/Typography';
import { memo, useMemo } from 'react';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';
import { formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';
import { cellBuild, typicalModel } from '@/core/physics/recipes/cellBuild';
import { cellAmpsAt, type CellModel, terminalVoltage } from '@/core/physics/cell/cellModel';
import { fitErrorVolts } from '@/core/physics/readings/fitCell';

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
  const unseen = { stack: 'band', silent: true };
  return {
    animation: false,
    grid: { left: 42, right: 36, top: 24, bottom: 24 },
    tooltip: {
      trigger: 'item',
      formatter: ({ seriesName, value }: { seriesName: string; value: [number, number] }) =>
        `${seriesName}: ${formatNumber(value[1])} V at ${formatNumber(value[0])} mA`,
    },
    xAxis: chartAxis(roles, { min: 0, name: 'mA', nameGap: 8, splitNumber: 4 }),
    yAxis: chartAxis(roles, { min: 0, name: 'V', nameGap: 8, splitNumber: 4 }),
    series: [
      // The band is the area between its lower line and the same line lifted by its height.
      curve(
        'lower',
        band.map(({ milliamps, low }) => [milliamps, low]),
        { color: roles.copper, opacity: 0 },
        unseen,
      ),
      curve(
        'band',
        band.map(({ milliamps, low, high }) => [milliamps, high - low]),
        { color: roles.copper, opacity: 0 },
        { ...unseen, areaStyle: { color: roles.copper, opacity: 0.18 } },
      ),
      curve('usual cell', usual, { color: roles.softInk, type: 'dashed' }),
      curve('this cell', now, { color: roles.copper }),
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
      points(
        'reading',
        read.map(({ at }) => at),
        roles,
        { symbol: 'diamond' },
      ),
    ],
  };
}

/** A point of a chart: milliamps, volts. */
type Point = readonly [milliamps: number, volts: number];

const POINTS = 50;
/** Width of the band in standard errors: about 95 in 100 fits like this one hold the truth. */
const BAND_ERRORS = 2;
/** The classroom meter on its 2 V range: ±(0.5 % + 2 digits of 1 mV) (common practice, no source). */
const METER_SHARE = 0.005;
const METER_DIGITS_VOLTS = 0.002;

export interface CellCurve {
  /** The cell that the plan calculates with, from nothing connected to shorted. */
  readonly now: readonly Point[];
  /** The recipe's usual cell, to compare; empty where it is the same. */
  readonly usual: readonly Point[];
  /** The educator's readings with what the meter may be off by, volts. */
  readonly read: readonly { readonly at: Point; readonly errorVolts: number }[];
  /** Where the true curve lies, given the scatter of the readings; empty where that cannot be judged. */
  readonly band: readonly {
    readonly milliamps: number;
    readonly low: number;
    readonly high: number;
  }[];
}

/** What the chart of one cell shows. */
export function cellCurve(cell: PlannedCell): CellCurve {
  const usualModel = typicalModel(cellBuild(cell.recipe, cell.body));
  const now = pointsOf(cell.own?.status === 'used' ? cell.own.model : cell.model);
  const usual = pointsOf(usualModel);
  const best = cell.own !== null && 'fits' in cell.own ? cell.own.fits?.best : undefined;
  const band =
    best === undefined || cell.own?.status !== 'used'
      ? []
      : now.flatMap(([milliamps, volts]) => {
          const error = fitErrorVolts(best, milliamps / 1000);
          return error === null
            ? []
            : [
                {
                  milliamps,
                  low: Math.max(0, volts - BAND_ERRORS * error),
                  high: volts + BAND_ERRORS * error,
                },
              ];
        });
  return {
    now,
    usual: JSON.stringify(now) === JSON.stringify(usual) ? [] : usual,
    read: (cell.own?.points ?? []).map(({ amps, volts }) => ({
      at: [1000 * amps, volts],
      errorVolts: METER_SHARE * volts + METER_DIGITS_VOLTS,
    })),
    band,
  };
}

function pointsOf(model: CellModel): Point[] {
  const most = cellAmpsAt(model, 0);
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const amps = (most * index) / POINTS;
    return [1000 * amps, Math.max(0, terminalVoltage(model, amps))];
  });
}
