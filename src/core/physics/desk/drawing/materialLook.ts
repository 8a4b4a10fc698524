import type { Material } from '../../cell/metals';

/** How the drawing shows a metal, in words. */
export const MATERIAL_LOOK: Readonly<Record<Material, string>> = {
  copper: 'copper, plain',
  nickel: 'nickel, plain',
  zinc: 'zinc, hatched',
  carbon: 'carbon, dotted',
  aluminium: 'aluminium, hatched',
  magnesium: 'magnesium, hatched',
  steel: 'steel, cross-hatched',
};
