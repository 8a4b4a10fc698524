/** Things by a key, in the order in which the keys first come. */
export function groupedBy<T>(things: readonly T[], keyOf: (thing: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    const group = found.get(key);
    if (group === undefined) found.set(key, [thing]);
    else group.push(thing);
  }
  return found;
}
