export type Json = Readonly<Record<string, unknown>>;

/** Whether a JSON value is an object (or an array, whose keys are then its places). */
export function isRecord(value: unknown): value is Json {
  return typeof value === 'object' && value !== null;
}

/** The JSON in a text, or `undefined` where it is none: the schema that reads it names the fault. */
export function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
