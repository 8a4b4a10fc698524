import type { Migrations } from '../documents/migrateDocument';

/**
 * 1 → 2: the cell got a size of its own; older plans have the recipe's usual one.
 * 3 → 4: arrangements laid out by hand; nothing to change.
 * 2 → 3: own recipes, and more than two readings of the built cell. Two readings were used whatever they said, so they
 * count as kept.
 */
export const PLAN_MIGRATIONS: Migrations = {
  1: (document) => withCell(document, (cell) => ({ ...cell, size: null })),
  3: (document) => ({ ...document }),
  2: (document) =>
    withCell(document, ({ own, ...cell }) => ({
      ...cell,
      ownRecipe: null,
      own: isRecord(own) ? readingsOfTwo(own) : own,
    })),
};

function readingsOfTwo({ openCircuitVolts, shortCircuitAmps, meterRange, ...rest }: Json): Json {
  return {
    ...rest,
    openCircuitVolts,
    shortCircuit: { amps: shortCircuitAmps, meterRange, secondsAfter: null },
    loaded: [],
    kept: true,
  };
}

type Json = Readonly<Record<string, unknown>>;

function isRecord(value: unknown): value is Json {
  return typeof value === 'object' && value !== null;
}

/** What is no cell at all is left to the schema to name. */
function withCell(document: Json, change: (cell: Json) => Json): Record<string, unknown> {
  const { cell } = document;
  return isRecord(cell) ? { ...document, cell: change(cell) } : { ...document };
}
