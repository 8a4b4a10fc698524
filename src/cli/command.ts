import type * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';
import type { Issue } from '@/core/result';

export const exitCodes = { solved: 0, badInput: 2, noSolution: 3 } as const;

export type CommandAnswer =
  /** Text is printed as it is, anything else as JSON. */
  | { readonly status: 'solved' | 'no-solution'; readonly output: unknown }
  | { readonly status: 'bad-input'; readonly faults: readonly Issue[] };

/** A subcommand: JSON in, JSON out, a thin shell over one operation of the core. */
export interface Command {
  readonly summary: string;
  readonly run: (input: unknown) => CommandAnswer;
}

/** A subcommand whose input is checked by a schema first. */
export function commandOf<Schema extends z.ZodMiniType>(
  summary: string,
  schema: Schema,
  answer: (input: z.output<Schema>) => CommandAnswer,
): Command {
  return {
    summary,
    run(input) {
      const parsed = schema.safeParse(input);
      return parsed.success
        ? answer(parsed.data)
        : { status: 'bad-input', faults: issuesOfZod(parsed.error) };
    },
  };
}
