/** One thing that is wrong, for people: where it is and what to do about it. */
export interface Issue {
  /** Machine-readable kind, stable across versions. */
  readonly code: string;
  /** Path of the field, component or cell, e.g. `['components', 3, 'resistanceOhms']`; empty for the whole. */
  readonly path: readonly (string | number)[];
  /** A plain sentence. */
  readonly message: string;
}

/** A value, or the issues that stand in its way. Failures are data; only programmer errors are thrown. */
export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export function succeed<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail<T>(...issues: Issue[]): Result<T> {
  return { ok: false, issues };
}

/** `components[3].resistanceOhms`, or `(whole document)` for an empty path. */
export function describePath(path: readonly (string | number)[]): string {
  if (path.length === 0) return '(whole document)';
  return path
    .map((key, index) => (typeof key === 'number' ? `[${key}]` : index === 0 ? key : `.${key}`))
    .join('');
}
