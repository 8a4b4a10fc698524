import { capital, listWords } from '../../words';
import { formatNumber } from '../../units';
import type { Difference, Ranked } from './analyseFairTest';

/** Whether the difference is larger than the scatter, in plain sentences. */
export function describeDifference(ranking: readonly Ranked[], difference: Difference): string[] {
  const best = ranking[0]?.name ?? '';
  switch (difference.status) {
    case 'too-few':
      return [difference.need];
    case 'no-scatter':
      return [
        'Every repeat gave exactly the same reading, so there is no scatter to judge by. Read the last digit of the meter too.',
      ];
    case 'tested': {
      const { f, p, larger, apart, asGoodAsBest } = difference;
      const figures = `(one-way analysis of variance by jStat: F = ${formatNumber(f)}, p ${formatP(p)})`;
      if (!larger) {
        return [
          `The differences are no larger than the scatter: chance alone would give such differences in ${inHundred(p)} such tests ${figures}.`,
          'More repeats, or metals put in more alike, may tell.',
        ];
      }
      return [
        `The differences are larger than the scatter: chance alone would give them in ${inHundred(p)} such tests ${figures}.`,
        asGoodAsBest.length === 0
          ? `${capital(best)} is ahead of all others (Tukey’s test, 95 %).`
          : `${capital(best)} reads highest, but cannot be told from ${listWords(asGoodAsBest)} (Tukey’s test, 95 %).`,
        ...(apart.length === 0
          ? ['No single pair stands apart by itself; only all together do.']
          : []),
      ];
    }
  }
}

function inHundred(p: number): string {
  if (p < 0.001) return 'fewer than 1 in 1000';
  if (p < 0.01) return 'fewer than 1 in 100';
  return `about ${Math.round(100 * p)} in 100`;
}

function formatP(p: number): string {
  return p < 0.0001 ? 'below 0.0001' : `= ${formatNumber(p, 2)}`;
}
