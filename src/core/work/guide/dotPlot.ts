import { roundTicks } from '../../numeric/roundTicks';

/** A reading as a dot over its own value, so high that it hides no other. */
export interface Dot {
  readonly group: string;
  readonly value: number;
  /** Dots below it. */
  readonly level: number;
}

export interface DotPlot {
  readonly dots: readonly Dot[];
  /** Ends of the axis. */
  readonly least: number;
  readonly most: number;
  /** Round values on the axis. */
  readonly ticks: readonly number[];
}

/** Room beside the outermost value, as a share of the width. */
const MARGIN = 0.06;

/**
 * Dots over their values: where two would touch, the later one stands on the other.
 * @param band least and most of what is expected; it is on the axis too.
 * @param dotShare width of a dot as a share of the axis.
 */
export function dotPlot(
  values: readonly { readonly group: string; readonly value: number }[],
  band: readonly [number, number],
  dotShare: number,
): DotPlot {
  const all = [...values.map(({ value }) => value), ...band];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const margin = MARGIN * (high - low || Math.abs(high) || 1);
  const least = low >= 0 ? Math.max(0, low - margin) : low - margin;
  const most = high + margin;
  const wide = dotShare * (most - least);
  const placed: Dot[] = [];
  for (const { group, value } of [...values].sort((a, b) => a.value - b.value)) {
    const near = placed.filter((dot) => Math.abs(dot.value - value) < wide);
    const taken = new Set(near.map(({ level }) => level));
    let level = 0;
    while (taken.has(level)) level += 1;
    placed.push({ group, value, level });
  }
  return { dots: placed, least, most, ticks: roundTicks(least, most, 6) };
}
