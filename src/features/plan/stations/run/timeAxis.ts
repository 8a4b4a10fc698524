import { chartAxis } from '@/ui/chart/chartParts';
import { aboutTime, formatNumber } from '@/core/units';
import type { Roles } from '@/ui/roles';

/** Room for an axis at either side. */
export const TIME_GRID = { left: 46, right: 52, top: 28, bottom: 26 } as const;

/** What is pointed at: the time, then every line there. */
export const TIME_TOOLTIP = {
  trigger: 'axis',
  formatter: (points: { value: [number, number]; seriesName: string }[]) =>
    [
      `after ${aboutTime(points[0]?.value[0] ?? 0)}`,
      ...points.map(({ value, seriesName }) => `${seriesName}: ${formatNumber(value[1])}`),
    ].join('<br/>'),
} as const;

/** An axis of volts or milliamps from zero on. */
export function quantityAxis(unit: string, roles: Roles) {
  return chartAxis(roles, { name: unit, min: 0, splitLine: { show: false } });
}
