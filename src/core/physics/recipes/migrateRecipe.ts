import { isRecord, type Json } from '../../formats/json';
import type { Migration, Migrations, VersionBefore } from '../../formats/migrateDocument';
import { RECIPE_IDS } from './recipe';
import type { RECIPE_VERSION } from './ownRecipeSchema';
import { RECIPES } from './recipes';

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

/** How thick the − metal is came later; older sizes have what is usual for their recipe. */
export function withMetalThickness(size: unknown, recipe: unknown): unknown {
  const known = RECIPE_IDS.find((id) => id === recipe);
  return isRecord(size) && known !== undefined
    ? { metalMillimetres: RECIPES[known].usualSize.metalMillimetres, ...size }
    : size;
}

/** 2 → 3: how thick the − metal is. 1 → 2: electrolyte and reactions have resistances of their own; single electrodes. */
export const RECIPE_MIGRATIONS = {
  1: ({ usualSize, bodies, ...document }) => ({
    ...document,
    usualSize: withSingleElectrodes(usualSize),
    bodies: Array.isArray(bodies) ? bodies.map(withReactionShare) : bodies,
  }),
  2: ({ usualSize, ...document }: Json) => ({
    ...document,
    usualSize: withMetalThickness(usualSize, document['startsFrom']),
  }),
} satisfies Migrations & Record<VersionBefore<typeof RECIPE_VERSION>, Migration>;
