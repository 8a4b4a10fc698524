/** What was worked out of something, by what else it depends on. */
export type Known<Of extends object, Value> = WeakMap<Of, Map<string, Value>>;

/** What was worked out before, or is worked out now. */
export function remembered<Of extends object, Value>(
  store: Known<Of, Value>,
  of: Of,
  key: string,
  make: () => Value,
): Value {
  const known = store.get(of) ?? new Map<string, Value>();
  store.set(of, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}
