/** The parts of jStat that are used; the package brings no types of its own. */
declare module 'jstat' {
  interface Distributions {
    readonly normal: { cdf(value: number, mean: number, deviation: number): number };
    readonly studentt: { inv(share: number, freedom: number): number };
    /** F of a one-way analysis of variance. */
    anovafscore(...groups: readonly (readonly number[])[]): number;
    /** Its p value. */
    anovaftest(...groups: readonly (readonly number[])[]): number;
    /** Tukey’s honestly significant difference for every pair: indices and p value. */
    tukeyhsd(groups: readonly (readonly number[])[]): [[number, number], number][];
  }
  export const jStat: Distributions;
}
