import type * as z from 'zod/mini';
import { issuesOfZod } from '../issuesOfZod';
import { fail, succeed, type Result } from '../result';
import { migrateDocument, type Migrations } from './migrateDocument';

/** What every stored document has. */
export interface TitledDocument {
  readonly format: string;
  readonly version: number;
  readonly title: string;
}

/** How documents of one kind are read, written, begun and copied. */
export interface DocumentFormat<T extends TitledDocument> {
  /** What people call it: “plan”. */
  readonly noun: string;
  readonly schema: z.ZodMiniType<T>;
  /** From any JSON value: migrate, then parse. Every fault comes with its path. */
  readonly parse: (document: unknown) => Result<T>;
  /** From the text of a file. */
  readonly parseText: (text: string) => Result<T>;
  /** The text of an exported file; `parseText` gives the same document back. */
  readonly text: (document: T) => string;
  readonly fresh: (title: string) => T;
  /** A copy under a title that fits, without what belongs to the original only. */
  readonly copyOf: (document: T) => T;
}

interface FormatFacts<T extends TitledDocument> {
  readonly noun: string;
  readonly version: number;
  readonly schema: z.ZodMiniType<T>;
  readonly migrations: Migrations;
  readonly fresh: (title: string) => T;
  /** What of the original a copy starts with. */
  readonly copied: (document: T) => T;
}

export const LONGEST_TITLE = 80;
const COPY_SUFFIX = ' (copy)';

export function documentFormat<T extends TitledDocument>(facts: FormatFacts<T>): DocumentFormat<T> {
  const { noun, version, schema, migrations, fresh, copied } = facts;
  const parse = (document: unknown): Result<T> => {
    const migrated = migrateDocument(document, noun, version, migrations);
    if (!migrated.ok) return migrated;
    const parsed = schema.safeParse(migrated.value);
    return parsed.success ? succeed(parsed.data) : fail(...issuesOfZod(parsed.error));
  };
  return {
    noun,
    schema,
    parse,
    parseText: (text) => {
      const json = parseJson(text);
      return json.ok ? parse(json.value) : json;
    },
    text: (document) => `${JSON.stringify(document, null, 2)}\n`,
    fresh,
    copyOf: (document) => ({
      ...copied(document),
      title: `${document.title.slice(0, LONGEST_TITLE - COPY_SUFFIX.length)}${COPY_SUFFIX}`,
    }),
  };
}

function parseJson(text: string): Result<unknown> {
  try {
    return succeed(JSON.parse(text) as unknown);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return fail({
      code: 'not-json',
      path: [],
      message: `The file is not readable as JSON: ${reason}.`,
    });
  }
}
