import { z } from 'zod';
import { documentFormat, LONGEST_TITLE, type DocumentFormat } from '../../formats/documentFormat';

const TOOL_VERSION = 1;

/** A tool beside the plans, as it was left: what is being mixed, what stands in the vessels, which metals. */
export interface ToolState<State> {
  readonly format: string;
  readonly version: number;
  readonly title: string;
  readonly state: State;
}

/** There is one of each tool; this is its id. */
export const TOOL_ID = 'bench';

/** The file format of one tool. */
export function toolDocument<State>(
  noun: string,
  stateSchema: z.ZodType<State>,
  start: State,
): DocumentFormat<ToolState<State>> {
  const format = `grozer-${noun.replaceAll(' ', '-')}`;
  return documentFormat<ToolState<State>>({
    noun,
    version: TOOL_VERSION,
    schema: z.strictObject({
      format: z.literal(format, `This is not a ${noun} of Grozer.`),
      version: z.literal(TOOL_VERSION),
      title: z.string().trim().min(1).max(LONGEST_TITLE),
      state: stateSchema,
    }),
    migrations: {},
    fresh: (title) => ({ format, version: TOOL_VERSION, title, state: start }),
    copied: (tool) => tool,
  });
}
