import type { CautionId } from '../safety/cautions';

/** What a separator, a sponge or a cup is wet with. */
export const LIQUIDS = [
  'brine',
  'saturated-brine',
  'vinegar',
  'salt-vinegar',
  'juice',
  'acid-mix',
  'epsom-salt',
  'tap-water',
] as const;
export type LiquidId = (typeof LIQUIDS)[number];

export interface LiquidFacts {
  readonly name: string;
  /** How it is made ready; `null` where it is poured as it is bought. */
  readonly mixing: string | null;
  /**
   * Water vapour over it against that over pure water. Saturated salt: 75 % at 20 °C (ASTM E104, from memory); 15 % brine: 0.89
   * (CRC Handbook, from memory); the others after Raoult’s law with the ions counted.
   */
  readonly waterActivity: number;
  readonly cautions: readonly CautionId[];
}

export const LIQUID_FACTS: Readonly<Record<LiquidId, LiquidFacts>> = {
  brine: {
    name: 'brine',
    mixing: 'Stir 1 tablespoon of salt into 100 mL of hot water; an adult pours.',
    waterActivity: 0.89,
    cautions: ['hot-water'],
  },
  'saturated-brine': {
    name: 'saturated salt water',
    mixing: 'Stir salt into hot water until some stays at the bottom; an adult pours.',
    waterActivity: 0.753,
    cautions: ['hot-water'],
  },
  vinegar: {
    name: 'vinegar',
    mixing: 'Pour out vinegar of 5 %, as it is bought; goggles on.',
    waterActivity: 0.98,
    cautions: ['weak-acid', 'hydrogen'],
  },
  'salt-vinegar': {
    name: 'vinegar with salt',
    mixing: 'Stir 10 g of salt into 100 mL of vinegar, without heating; goggles on.',
    waterActivity: 0.92,
    cautions: ['weak-acid', 'hydrogen'],
  },
  juice: {
    name: 'juice',
    mixing: 'Pour out the juice, as it is pressed; goggles on.',
    waterActivity: 0.98,
    cautions: ['weak-acid', 'hydrogen'],
  },
  'acid-mix': {
    name: 'vinegar with citric acid and potassium chloride',
    mixing: 'Mix vinegar with citric acid and potassium chloride, as the mixing card says.',
    waterActivity: 0.94,
    cautions: ['weak-acid', 'hydrogen'],
  },
  'epsom-salt': {
    name: 'Epsom salt water',
    mixing: 'Dissolve Epsom salt in distilled water.',
    waterActivity: 0.98,
    cautions: [],
  },
  'tap-water': { name: 'tap water', mixing: null, waterActivity: 1, cautions: [] },
};
