import { isRecord } from '../../formats/json';
import type { Migrations } from '../../formats/migrateDocument';

/** Single electrodes beside the pairs came later; older sizes have none. */
export function withSingleElectrodes(size: unknown): unknown {
  return isRecord(size) ? { extraPlus: 0, extraMinus: 0, ...size } : size;
}

/** A limit of the reactions became their resistance: so many times the limit, so much less resistance. */
function withReactionShare(body: unknown): unknown {
  if (!isRecord(body) || !('limitShare' in body)) return body;
  const { limitShare, ...rest } = body;
  return {
    ...rest,
    reactionShare: typeof limitShare === 'number' && limitShare > 0 ? 1 / limitShare : limitShare,
  };
}

/** 1 → 2: electrolyte and reactions have resistances of their own; single electrodes. */
export const RECIPE_MIGRATIONS: Migrations = {
  1: ({ usualSize, bodies, ...document }) => ({
    ...document,
    usualSize: withSingleElectrodes(usualSize),
    bodies: Array.isArray(bodies) ? bodies.map(withReactionShare) : bodies,
  }),
};
