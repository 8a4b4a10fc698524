'use client';

import Box from '@mui/material/Box';
import type { EChartsCoreOption, EChartsType } from 'echarts/core';
import { useEffect, useRef } from 'react';

interface ChartProps {
  readonly option: EChartsCoreOption;
  /** What the chart shows, in words; the same facts stand beside it for those who do not see it. */
  readonly label: string;
  readonly height: number;
}

/** Made anew with each option; the tooltip stays, which takes long to make. */
const RENEWED = ['grid', 'xAxis', 'yAxis', 'series'];

/** An ECharts picture, loaded when first shown; it follows a frame behind what is said and drawn beside it. */
export function Chart({ option, label, height }: ChartProps) {
  const host = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  const latest = useRef(option);

  useEffect(() => {
    latest.current = option;
    if (chart.current === null) return undefined;
    let task: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      task = setTimeout(() => chart.current?.setOption(option, { replaceMerge: RENEWED }));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(task);
    };
  }, [option]);

  useEffect(() => {
    const element = host.current;
    if (element === null) return;
    let gone = false;
    const observer = new ResizeObserver(() => chart.current?.resize());
    void import('./echarts').then(({ init }) => {
      if (gone) return;
      chart.current = init(element, null, { renderer: 'svg' });
      chart.current.setOption(latest.current);
      observer.observe(element);
    });
    return () => {
      gone = true;
      observer.disconnect();
      chart.current?.dispose();
      chart.current = null;
    };
  }, []);

  return <Box ref={host} role="img" aria-label={label} sx={{ height, width: '100%' }} />;
}
