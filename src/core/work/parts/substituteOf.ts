import type { PartId } from '../../physics/recipes/parts';
import type { Swappable } from '../../records/plan/lessonSchema';

/** What stands in for what. */
export const SUBSTITUTE_OF: Readonly<Record<Swappable, PartId>> = {
  'clip-lead': 'bell-wire',
  'copper-strip': 'coupler',
  'zinc-strip': 'galvanised-nail',
};
