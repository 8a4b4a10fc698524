import type { CautionId } from '@/core/physics/safety/cautions';

/** Hazards in a word, where there is no room for the caution. */
export const CAUTION_NAMES: Readonly<Record<CautionId, string>> = {
  food: 'food waste',
  sharp: 'sharp metal',
  'hot-water': 'warm water',
  coins: 'coins',
  dust: 'dust',
  'weak-acid': 'weak acid',
  hydrogen: 'hydrogen',
  allergies: 'allergies',
  carbon: 'carbon dust',
  magnesium: 'magnesium',
  'short-circuit': 'strong current',
  'metal-salts': 'metal salts',
  'strong-acid': 'strong acid',
  galvanised: 'zinc fume',
  foam: 'foam dust',
  rhubarb: 'rhubarb leaves',
  capacitors: 'capacitors',
  sparks: 'sparks',
  devices: 'devices',
  'over-30': 'over 30 V',
  'over-60': 'over 60 V',
};
