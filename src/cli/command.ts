import type { Fault } from '@/core/result';

export const exitCodes = { solved: 0, badInput: 2, noSolution: 3 } as const;

export type CommandAnswer =
  | { readonly status: 'solved' | 'no-solution'; readonly output: unknown }
  | { readonly status: 'bad-input'; readonly faults: readonly Fault[] };

/** A subcommand: JSON in, JSON out, a thin shell over one operation of the core. */
export interface Command {
  readonly summary: string;
  readonly run: (input: unknown) => CommandAnswer;
}
