import type { CautionId } from '../safety/cautions';
import type { Solute } from './mixing';
import { ELECTROLYTE_RECIPES, type ElectrolyteId } from './mixingBench';
import type { BillLine, PartId } from './parts';

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
    mixing: 'Stir 1 tablespoon of salt into 100 mL of warm tap water.',
    waterActivity: 0.89,
    cautions: ['hot-water'],
  },
  'saturated-brine': {
    name: 'saturated salt water',
    mixing: 'Stir salt into warm tap water until some stays at the bottom.',
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
    mixing:
      'Stir citric acid and potassium chloride into vinegar of 5 % until some stays at the bottom, as the mixing card says.',
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

/** What one cell drinks: a mixture of the bench, a salt dissolved to a molarity, or something as it is bought. */
export type CellLiquid =
  | {
      readonly kind: 'mixed';
      readonly electrolyte: ElectrolyteId;
      readonly strength: number;
      readonly millilitres: number;
    }
  | { readonly kind: 'plain'; readonly part: PartId; readonly millilitres: number }
  | {
      readonly kind: 'salt';
      readonly salt: MetalSalt;
      readonly molPerLitre: number;
      readonly millilitres: number;
    };

export const METAL_SALTS = ['copper-sulfate', 'zinc-sulfate'] as const;
export type MetalSalt = (typeof METAL_SALTS)[number];

/** Grams in a mole of the crystals, CuSO₄·5H₂O and ZnSO₄·7H₂O (IUPAC atomic weights, summed from memory). */
const CRYSTAL_GRAMS_PER_MOL: Readonly<Record<MetalSalt, number>> = {
  'copper-sulfate': 249.69,
  'zinc-sulfate': 287.56,
};

export const SOLUTE_PARTS: Readonly<Record<Solute, PartId>> = {
  'table salt': 'table-salt',
  'potassium chloride': 'potassium-chloride',
  'Epsom salt': 'Epsom-salt',
  'citric acid': 'citric-acid',
};
/** `null`: from the tap. */
export const LIQUID_PARTS: Readonly<Record<ElectrolyteId, PartId | null>> = {
  brine: null,
  'vinegar-and-salt': 'vinegar',
  'citric-and-potassium': 'vinegar',
  'epsom-salt': 'distilled-water',
};

/** Grams of crystals for a volume in millilitres: c·V·M. */
export function saltGrams(salt: MetalSalt, molPerLitre: number, millilitres: number): number {
  return (molPerLitre * millilitres * CRYSTAL_GRAMS_PER_MOL[salt]) / 1000;
}

/** What goes into the liquid of one cell; water from the tap is not counted. */
export function ingredientsOf(liquid: CellLiquid): BillLine[] {
  const { millilitres } = liquid;
  switch (liquid.kind) {
    case 'plain':
      return [{ part: liquid.part, amount: millilitres }];
    case 'salt':
      return [
        { part: 'distilled-water', amount: millilitres },
        { part: liquid.salt, amount: saltGrams(liquid.salt, liquid.molPerLitre, millilitres) },
      ];
    case 'mixed': {
      const { solutes } = ELECTROLYTE_RECIPES[liquid.electrolyte];
      const bought = LIQUID_PARTS[liquid.electrolyte];
      return [
        ...(bought === null ? [] : [{ part: bought, amount: millilitres }]),
        ...solutes.map(({ solute, gramsPer100 }) => ({
          part: SOLUTE_PARTS[solute],
          amount: (gramsPer100 * liquid.strength * millilitres) / 100,
        })),
      ];
    }
  }
}
