import type { Solute } from '../../physics/chemistry/mixing';
import { ELECTROLYTE_RECIPES, type ElectrolyteId } from '../../physics/chemistry/mixingBench';
import type { Recipe, RecipeId } from '../../physics/chemistry/recipe';
import type { BillLine } from './bills';
import type { PartId } from '../../records/cupboard/parts';

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

const mixed = (electrolyte: ElectrolyteId, millilitres: number, strength = 1): CellLiquid[] => [
  { kind: 'mixed', electrolyte, strength, millilitres },
];
const plain = (part: PartId, millilitres: number): CellLiquid[] => [
  { kind: 'plain', part, millilitres },
];
const salt = (of: MetalSalt, molPerLitre: number): CellLiquid => ({
  kind: 'salt',
  salt: of,
  molPerLitre,
  millilitres: VESSEL_MILLILITRES,
});

/** A wet separator, a cup two thirds full, a vessel of a two-vessel cell (common practice, no source). */
const SEPARATOR_MILLILITRES = 2;
const CUP_MILLILITRES = 120;
const VESSEL_MILLILITRES = 80;
/** Strength of nearly saturated brine against the usual one. */
const SATURATED = 1.9;

/** By body; whatever is not named is its own liquid (fruit and roots) or wet with tap water. */
const BODY_LIQUIDS: Readonly<Partial<Record<string, readonly CellLiquid[]>>> = {
  'rhubarb-juice': plain('rhubarb-juice', CUP_MILLILITRES),
  'lemon-juice': plain('lemon-juice', CUP_MILLILITRES),
  vinegar: plain('vinegar', CUP_MILLILITRES),
  brine: mixed('brine', CUP_MILLILITRES),
  'salt-vinegar': mixed('vinegar-and-salt', CUP_MILLILITRES),
  felt: mixed('brine', SEPARATOR_MILLILITRES),
  'filter-paper': mixed('brine', SEPARATOR_MILLILITRES),
  'kitchen-towel': mixed('brine', SEPARATOR_MILLILITRES),
  'felt-vinegar': plain('vinegar', SEPARATOR_MILLILITRES),
  'felt-salt-vinegar': mixed('vinegar-and-salt', SEPARATOR_MILLILITRES),
  'card-salt-vinegar': mixed('vinegar-and-salt', SEPARATOR_MILLILITRES),
  'card-lemon': plain('lemon-juice', SEPARATOR_MILLILITRES),
  'paper-vinegar': plain('vinegar', SEPARATOR_MILLILITRES),
  'paper-salt-vinegar': mixed('vinegar-and-salt', SEPARATOR_MILLILITRES),
  sponge: mixed('brine', 30, SATURATED),
  towel: mixed('brine', 15, SATURATED),
  'vinegar-towel': mixed('citric-and-potassium', 15),
  'epsom-salt': mixed('epsom-salt', 100),
  'salt-water': mixed('brine', 10),
  'salt-foam': mixed('brine', 20),
  'vinegar-felt': plain('vinegar', 20),
};

/** Vessels hold the same whatever joins them. */
const RECIPE_LIQUIDS: Readonly<Partial<Record<RecipeId, readonly CellLiquid[]>>> = {
  'two-solution': [salt('copper-sulfate', 0.5), salt('zinc-sulfate', 0.5)],
  concentration: [salt('copper-sulfate', 0.5), salt('copper-sulfate', 0.05)],
};

/** What one cell of a recipe needs to be poured. */
export function liquidsOfCell(
  recipe: Pick<Recipe, 'id' | 'restricted'>,
  bodyId: string,
): readonly CellLiquid[] {
  if (recipe.restricted) return [];
  return RECIPE_LIQUIDS[recipe.id] ?? BODY_LIQUIDS[bodyId] ?? [];
}

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
  'citric-and-potassium': null,
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
