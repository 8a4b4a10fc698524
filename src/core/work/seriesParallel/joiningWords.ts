import { aboutTime, formatAmps } from '../../units';
import type { JoiningResult } from './compareJoining';

/** Currents that differ by less are the same to the eye. */
const SAME_SHARE = 0.15;

/** What the comparison says, as a sentence: which way is brighter, and which lasts. */
export function joiningWords(results: readonly JoiningResult[]): string {
  const [, series, parallel] = results;
  if (series === undefined || parallel === undefined) throw new Error('three ways are compared');
  const best = Math.max(...results.map(({ lampWatts }) => lampWatts));
  if (results.every(({ looks }) => looks === 'dark')) {
    return `Dark every way: the lamp wants more current than these cells give (${formatAmps(Math.max(series.lampAmps, parallel.lampAmps))} at most).`;
  }
  const share = (series.lampWatts - parallel.lampWatts) / best;
  const brighter =
    Math.abs(share) < SAME_SHARE
      ? 'Both ways are about as bright'
      : share > 0
        ? 'In series it is brighter'
        : 'In parallel it is brighter';
  const [longer, shorter] =
    series.lastsSeconds > parallel.lastsSeconds
      ? (['series', 'parallel'] as const)
      : (['parallel', 'series'] as const);
  const times = longer === 'series' ? [series, parallel] : [parallel, series];
  return `${brighter}; in ${longer} it lasts longer: ${aboutTime(times[0]!.lastsSeconds)} against ${aboutTime(times[1]!.lastsSeconds)} in ${shorter}.`;
}
