/** The parts of jStat that are used; the package brings no types of its own. */
declare module 'jstat' {
  interface Distributions {
    readonly normal: { cdf(value: number, mean: number, deviation: number): number };
    readonly studentt: { inv(share: number, freedom: number): number };
    /** Quantiles of values; type 7 with both constants 1. */
    quantiles(values: readonly number[], shares: readonly number[], alpha: 1, beta: 1): number[];
    /** F of a one-way analysis of variance. */
    anovafscore(...groups: readonly (readonly number[])[]): number;
    /** Its p value. */
    anovaftest(...groups: readonly (readonly number[])[]): number;
    /** Tukey’s honestly significant difference for every pair: indices and p value. */
    tukeyhsd(groups: readonly (readonly number[])[]): [[number, number], number][];
  }
  export const jStat: Distributions;
}
