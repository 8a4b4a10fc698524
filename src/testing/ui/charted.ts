import type { EChartsCoreOption } from 'echarts/core';

/** What the charts of the page were last asked to draw, by what they say. */
export const charted = new Map<string, EChartsCoreOption>();
