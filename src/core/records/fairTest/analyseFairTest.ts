import { jStat } from 'jstat';
import { deviationsFromMedian, FAR_FROM_DEVIATIONS } from '../../numeric/outliers';
import { mean, sampleDeviation } from '../../numeric/meanAndScatter';
import { median } from '../../numeric/robust';
import type { FairTest, Measure } from './fairTestSchema';
import { measuredValues, type MeasuredValue } from './measuredValues';

/** One variant in the ranking. */
export interface Ranked {
  readonly id: string;
  readonly name: string;
  /** What counts, in the order of reading. */
  readonly values: readonly number[];
  /** Readings far from the others: beside `values` where they are set apart, among them where they are counted. */
  readonly farOff: readonly MeasuredValue[];
  readonly mean: number;
  /** Standard deviation of single readings; `null` with fewer than two. */
  readonly spread: number | null;
  /** Half the width of the mean’s 95 % interval (Student’s t); `null` with fewer than two. */
  readonly halfInterval: number | null;
}

/** What the readings say about the difference. */
export type Difference =
  | { readonly status: 'too-few'; readonly need: string }
  /** Every variant gave the same values each time: there is no scatter to judge by. */
  | { readonly status: 'no-scatter' }
  | {
      readonly status: 'tested';
      /** One-way analysis of variance (R. A. Fisher), by jStat. */
      readonly f: number;
      readonly p: number;
      readonly larger: boolean;
      /** Pairs that differ by more than the scatter: Tukey’s honestly significant difference, by jStat. */
      readonly apart: readonly (readonly [better: string, worse: string])[];
      /** Names that cannot be told from the best. */
      readonly asGoodAsBest: readonly string[];
    };

export interface FairTestAnalysis {
  /** Best first. Variants without readings are left out. */
  readonly ranking: readonly Ranked[];
  readonly difference: Difference;
  /** The same with far readings counted, or set apart, the other way round; `null` without any. */
  readonly otherwise: Pick<FairTestAnalysis, 'ranking' | 'difference'> | null;
  /** Things beside the varied one that were not kept the same, in sentences. */
  readonly warnings: readonly string[];
}

/** Chance below which a difference counts as larger than the scatter. */
export const SIGNIFICANCE = 0.05;

/** Scatter that is always reckoned with: the last digits of a school meter. Volts; for the others a share of the median. */
const LEAST_SCATTER: Readonly<Record<Measure, number>> = {
  'open-circuit-volts': 0.005,
  'short-circuit-amps': 0.03,
  'led-watts': 0.03,
};

/** Ranks the variants by their mean and tests whether they differ by more than single readings scatter. */
export function analyseFairTest(test: FairTest): FairTestAnalysis {
  const now = compared(test);
  const flipped = test.outliers === 'apart' ? 'counted' : 'apart';
  return {
    ...now,
    otherwise: now.ranking.some(({ farOff }) => farOff.length > 0)
      ? compared({ ...test, outliers: flipped })
      : null,
    warnings: warningsOf(test),
  };
}

function compared(test: FairTest): Pick<FairTestAnalysis, 'ranking' | 'difference'> {
  const ranking = rank(test);
  return { ranking, difference: differenceOf(ranking) };
}

function rank(test: FairTest): Ranked[] {
  const { variants, measure, outliers } = test;
  const all = measuredValues(test, measure);
  const groups = variants
    .map(({ id, name }) => ({ id, name, read: all.filter(({ variant }) => variant === id) }))
    .filter(({ read }) => read.length > 0);
  const deviations = deviationsFromMedian(
    groups.map(({ read }) => scatterValues(read, measure)),
    LEAST_SCATTER[measure],
  );
  return groups
    .map(({ id, name, read }, group) => {
      const isFar = read.map(
        (_, index) => Math.abs(deviations[group]?.[index] ?? 0) > FAR_FROM_DEVIATIONS,
      );
      const values = read
        .filter((_, index) => outliers === 'counted' || !isFar[index])
        .map(({ value }) => value);
      return {
        id,
        name,
        values,
        farOff: read.filter((_, index) => isFar[index]),
        ...summaryOf(values),
      };
    })
    .sort((a, b) => b.mean - a.mean);
}

/** Currents and powers scatter in proportion to themselves, volts do not. */
function scatterValues(read: readonly MeasuredValue[], measure: Measure): number[] {
  const values = read.map(({ value }) => value);
  const middle = Math.abs(median(values));
  const scale = measure === 'open-circuit-volts' || middle === 0 ? 1 : middle;
  return values.map((value) => value / scale);
}

function summaryOf(values: readonly number[]): Pick<Ranked, 'mean' | 'spread' | 'halfInterval'> {
  const count = values.length;
  const spread = sampleDeviation(values);
  return {
    mean: mean(values),
    spread,
    halfInterval:
      spread === null
        ? null
        : (jStat.studentt.inv(1 - SIGNIFICANCE / 2, count - 1) * spread) / Math.sqrt(count),
  };
}

function differenceOf(ranking: readonly Ranked[]): Difference {
  if (ranking.length < 2) {
    return { status: 'too-few', need: 'Read at least two of them, each at least twice.' };
  }
  const single = ranking.filter(({ values }) => values.length < 2);
  if (single.length > 0) {
    return {
      status: 'too-few',
      need: `One reading says nothing about the scatter: read ${single.map(({ name }) => name).join(', ')} at least twice.`,
    };
  }
  if (ranking.every(({ spread }) => spread === 0)) return { status: 'no-scatter' };
  const groups = ranking.map(({ values }) => values);
  const p = jStat.anovaftest(...groups);
  const apart = jStat
    .tukeyhsd(groups)
    .filter(([, chance]) => chance < SIGNIFICANCE)
    .map(([[first, second]]) => [ranking[first]?.name ?? '', ranking[second]?.name ?? ''] as const);
  const best = ranking[0]?.name ?? '';
  const worse = new Set(apart.filter(([first]) => first === best).map(([, second]) => second));
  return {
    status: 'tested',
    f: jStat.anovafscore(...groups),
    p,
    larger: p < SIGNIFICANCE,
    apart,
    asGoodAsBest: ranking
      .slice(1)
      .map(({ name }) => name)
      .filter((name) => !worse.has(name)),
  };
}

function warningsOf({ variants, readings, factor, kept }: FairTest): string[] {
  const names = new Map(variants.map(({ id, name }) => [id, name]));
  const warnings = readings.flatMap(({ variant, repeat, changed }) =>
    changed
      .filter(
        (one) => one.factor !== factor && (one.setting === '' || one.setting !== kept[one.factor]),
      )
      .map(
        (one) =>
          `Two things were changed: in round ${repeat}, ${names.get(variant) ?? variant} had ${differenceOfSetting(one, kept[one.factor])}. Whatever differs there may come from either.`,
      ),
  );
  const counts = variants
    .map(({ id }) => readings.filter(({ variant }) => variant === id).length)
    .filter((count) => count > 0);
  // A round that is under way makes a difference of one.
  return Math.max(...counts) - Math.min(...counts) > 1
    ? [...warnings, 'Not all were read equally often; the ranking leans on those read more.']
    : warnings;
}

function differenceOfSetting(
  { factor, setting }: FairTest['readings'][number]['changed'][number],
  kept: string,
): string {
  if (setting === '') return `another ${factor}${kept === '' ? '' : ` than “${kept}”`}`;
  return `${factor} “${setting}”${kept === '' ? '' : ` instead of “${kept}”`}`;
}
