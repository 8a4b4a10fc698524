import { fail, succeed, type Result } from '../result';

/** Turns a document of one version into the next. Gets and gives plain JSON; never sees a newer type. */
export type Migration = (document: Readonly<Record<string, unknown>>) => Record<string, unknown>;

/** The version before one: a new version of a document is an error of types until it has a migration. */
export type VersionBefore<Version extends number, Counted extends unknown[] = []> = [
  ...Counted,
  0,
]['length'] extends Version
  ? Counted['length']
  : VersionBefore<Version, [...Counted, 0]>;

/** Migration from version k (the key) to version k + 1. */
export type Migrations = Readonly<Record<number, Migration>>;

/**
 * Brings a stored or imported document (a `noun`, for the messages) up to `latest`, one version at a time. The input
 * is not changed.
 */
export function migrateDocument(
  document: unknown,
  noun: string,
  latest: number,
  migrations: Migrations,
): Result<Record<string, unknown>> {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) {
    return fail({ code: 'not-an-object', path: [], message: `The file does not hold a ${noun}.` });
  }
  let current: Record<string, unknown> = { ...document };
  const version = current['version'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return fail({
      code: 'no-version',
      path: ['version'],
      message: `The ${noun} does not say which version of the format it is.`,
    });
  }
  if (version > latest) {
    return fail({
      code: 'too-new',
      path: ['version'],
      message: `The ${noun} is of version ${version}; this Grozer reads up to version ${latest}. Update Grozer first.`,
    });
  }
  for (let step = version; step < latest; step += 1) {
    const migration = migrations[step];
    if (migration === undefined) {
      return fail({
        code: 'too-old',
        path: ['version'],
        message: `The ${noun} is of version ${version}, which this Grozer no longer reads.`,
      });
    }
    current = { ...migration(current), version: step + 1 };
  }
  return succeed(current);
}
