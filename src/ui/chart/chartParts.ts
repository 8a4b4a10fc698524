import { formatNumber } from '@/core/units';
import type { Roles } from '@/ui/roles';

/** Text of a picture in the look of the app; where it is narrow, labels that would touch are left out. */
export function chartText(roles: Roles) {
  return { color: roles.softInk, fontFamily: 'inherit', fontSize: 12, hideOverlap: true };
}

/** An axis of even steps; `more` sets what differs. */
export function chartAxis(roles: Roles, more: object = {}) {
  const text = chartText(roles);
  return {
    type: 'value',
    axisLine: { show: true, lineStyle: { color: roles.rule } },
    splitLine: { lineStyle: { color: roles.rule, opacity: 0.6 } },
    axisLabel: { ...text, formatter: (value: number) => formatNumber(value, 6) },
    nameTextStyle: text,
    ...more,
  };
}

/** A line through points, without marks on them. */
export function curve(
  name: string,
  data: readonly (readonly number[])[],
  lineStyle: { readonly color: string; readonly [more: string]: unknown },
  more: object = {},
) {
  return {
    name,
    type: 'line',
    data,
    symbol: 'none',
    itemStyle: { color: lineStyle.color },
    lineStyle: { width: 2.5, ...lineStyle },
    ...more,
  };
}

/** Points that stand out from the lines. */
export function points(
  name: string,
  data: readonly (readonly number[])[],
  roles: Roles,
  more: object = {},
) {
  return {
    name,
    type: 'scatter',
    data,
    symbolSize: 12,
    itemStyle: { color: roles.card, borderColor: roles.ink, borderWidth: 2.5 },
    z: 5,
    ...more,
  };
}

/** A line across the picture at one value of an axis: solid for what is chosen, dashed and named for what is wanted. */
export function lineAt(
  at: { readonly xAxis: number } | { readonly yAxis: number },
  roles: Roles,
  label?: { readonly formatter: string; readonly [more: string]: unknown },
) {
  return {
    silent: true,
    symbol: 'none',
    label:
      label === undefined ? { show: false } : { color: roles.ink, fontFamily: 'inherit', ...label },
    lineStyle: { color: roles.ink, type: label === undefined ? 'solid' : 'dashed' },
    data: [at],
  };
}
