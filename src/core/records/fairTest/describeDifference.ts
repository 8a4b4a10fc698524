import { formatAmps, formatNumber, formatVolts, formatWatts } from '../../units';
import { FAR_FROM_DEVIATIONS } from '../../numeric/outliers';
import { LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { capital, listWords } from '../../words';
import { SIGNIFICANCE, type FairTestAnalysis } from './analyseFairTest';
import type { FairTest, Measure } from './fairTestSchema';
import { lampCellsOf } from './measuredValues';

/** How values of a measure are written. */
export const FORMAT_OF: Readonly<Record<Measure, (value: number) => string>> = {
  'open-circuit-volts': formatVolts,
  'short-circuit-amps': formatAmps,
  'led-watts': formatWatts,
};

/** What a measure is, in the words of a sentence: “power in a red LED on 3 of them in series”. */
export function measureWords(test: FairTest, measure: Measure = test.measure): string {
  switch (measure) {
    case 'open-circuit-volts':
      return 'open-circuit voltage';
    case 'short-circuit-amps':
      return 'short-circuit current';
    case 'led-watts': {
      const cells = lampCellsOf(test);
      const name = LED_PRESETS[test.lamp.colour].name;
      const article = /^[aeiou]/.test(name) ? 'an' : 'a';
      return `power in ${article} ${name} on ${cells === 1 ? 'one cell' : `${cells} such cells in series`}`;
    }
  }
}

/** Whether the difference is larger than the scatter, what was tested, and what stands apart, in plain sentences. */
export function describeDifference(test: FairTest, analysis: FairTestAnalysis): string[] {
  return [
    ...differenceWords(analysis),
    ...testedWords(test, analysis),
    ...farOffWords(test, analysis),
  ];
}

/** Whether the difference is larger than the scatter, and which ones it concerns. */
export function differenceWords({
  ranking,
  difference,
}: Pick<FairTestAnalysis, 'ranking' | 'difference'>): string[] {
  const best = ranking[0]?.name ?? '';
  switch (difference.status) {
    case 'too-few':
      return [difference.need];
    case 'no-scatter':
      return [
        'Every repeat gave exactly the same reading, so there is no scatter to judge by. Read the last digit of the meter too.',
      ];
    case 'tested': {
      const { p, larger, apart, asGoodAsBest } = difference;
      if (!larger) {
        return [
          `The differences are no larger than the scatter: chance alone would give such differences in ${inHundred(p)} such tests.`,
          'More repeats, or metals put in more alike, may tell.',
        ];
      }
      return [
        `The differences are larger than the scatter: chance alone would give them in ${inHundred(p)} such tests.`,
        asGoodAsBest.length === 0
          ? `${capital(best)} is ahead of all others.`
          : `${capital(best)} reads highest, but is too close to call with ${listWords(asGoodAsBest)}.`,
        ...(apart.length === 0
          ? ['No single pair stands apart by itself; only all together do.']
          : []),
      ];
    }
  }
}

function testedWords(test: FairTest, { ranking, difference }: FairTestAnalysis): string[] {
  if (difference.status !== 'tested') return [];
  const { f, p } = difference;
  return [
    `Tested: whether the means of the ${measureWords(test)} of ${ranking.length} differ by more than repeated readings of the same one do (one-way analysis of variance, F = ${formatNumber(f)}, p ${formatP(p)}); pairs by Tukey’s test at ${100 * (1 - SIGNIFICANCE)} %.`,
  ];
}

function farOffWords(
  test: FairTest,
  { ranking, difference, otherwise }: FairTestAnalysis,
): string[] {
  if (otherwise === null) return [];
  const format = FORMAT_OF[test.measure];
  const far = ranking.flatMap(({ name, farOff }) =>
    farOff.map(({ repeat, value }) => `${name} in round ${repeat}, ${format(value)}`),
  );
  const them = far.length === 1 ? 'it' : 'them';
  const apart = test.outliers === 'apart';
  const change = changeWords(
    { ranking, difference },
    otherwise,
    apart ? `With ${them} counted` : `Without ${them}`,
  );
  return [
    `Far from the others of its kind: ${far.join('; ')}. Rule: more than ${FAR_FROM_DEVIATIONS} times the usual scatter away from the median, the scatter taken by the median absolute deviation (MAD).`,
    `${capital(them === 'it' ? 'it is' : 'they are')} ${apart ? 'set apart and not in the means' : 'counted in the means'}. ${change} Read again where you can.`,
  ];
}

function changeWords(
  now: Pick<FairTestAnalysis, 'ranking' | 'difference'>,
  other: Pick<FairTestAnalysis, 'ranking' | 'difference'>,
  begin: string,
): string {
  const larger = ({ difference }: typeof now): boolean | null =>
    difference.status === 'tested' ? difference.larger : null;
  const changes: string[] = [];
  const best = other.ranking[0]?.name ?? '';
  if (best !== (now.ranking[0]?.name ?? '')) changes.push(`${best} would read highest`);
  if (larger(now) !== larger(other)) {
    changes.push(
      larger(other) === true
        ? 'the differences would be larger than the scatter'
        : 'the differences would be no larger than the scatter',
    );
  }
  return changes.length === 0
    ? `${begin}, the answer would be the same.`
    : `${begin}, ${listWords(changes)}.`;
}

function inHundred(p: number): string {
  if (p < 0.001) return 'fewer than 1 in 1000';
  if (p < 0.01) return 'fewer than 1 in 100';
  return `about ${Math.round(100 * p)} in 100`;
}

function formatP(p: number): string {
  return p < 0.0001 ? 'below 0.0001' : `= ${formatNumber(p, 2)}`;
}
