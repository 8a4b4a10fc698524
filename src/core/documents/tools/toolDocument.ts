import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { documentFormat, LONGEST_TITLE, type DocumentFormat } from '../../formats/documentFormat';
import type { Migrations } from '../../formats/migrateDocument';

/** A tool beside the plans, as it was left: what is being mixed, what stands in the vessels, which metals. */
export interface ToolState<State> {
  readonly format: string;
  readonly version: number;
  readonly title: string;
  readonly state: State;
}

/** There is one of each tool; this is its id. */
export const TOOL_ID = 'bench';

/** How a tool was stored before. */
interface ToolHistory {
  readonly version: number;
  readonly migrations: Migrations;
}

const FIRST: ToolHistory = { version: 1, migrations: {} };

/** The file format of one tool. */
export function toolDocument<State>(
  noun: string,
  stateSchema: z.ZodMiniType<State>,
  start: State,
  { version, migrations }: ToolHistory = FIRST,
): DocumentFormat<ToolState<State>> {
  const format = `grozer-${noun.replaceAll(' ', '-')}`;
  return documentFormat<ToolState<State>>({
    noun,
    version,
    schema: z.strictObject({
      format: z.literal(format, `This is not a ${noun} of Grozer.`),
      version: z.literal(version),
      title: z.string().check(z.overwrite(plainLine), z.minLength(1), z.maxLength(LONGEST_TITLE)),
      state: stateSchema,
    }),
    migrations,
    fresh: (title) => ({ format, version, title, state: start }),
    copied: (tool) => tool,
  });
}
