import type { GrozerDatabase } from './openDatabase';

/** A statement that is prepared at its first use in each database, and kept with it. */
export function preparedOnce<Statement>(
  prepare: (db: GrozerDatabase) => Statement,
): (db: GrozerDatabase) => Statement {
  const known = new WeakMap<GrozerDatabase, Statement>();
  return (db) => {
    const found = known.get(db) ?? prepare(db);
    known.set(db, found);
    return found;
  };
}
