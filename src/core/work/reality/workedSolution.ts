import type { SourceId } from '../../sourceIds';
import type { CautionId } from '../../physics/safety/cautions';

/** One line of a sum: what is calculated, how, and what it comes to. */
export interface SumLine {
  readonly what: string;
  readonly sum: string;
  readonly result: string;
}

/** A wish or a claim, worked out: every line of it can be shown, projected and printed. */
export interface WorkedSolution {
  readonly question: string;
  readonly tone: 'fine' | 'marginal' | 'wrong';
  readonly headline: string;
  readonly lines: readonly SumLine[];
  /** What the figures mean, as sentences. */
  readonly remarks: readonly string[];
  readonly origin: string;
  /** Groups of constants that it rests on. */
  readonly sources: readonly SourceId[];
  readonly cautions: readonly CautionId[];
}
