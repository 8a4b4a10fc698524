import { fail, succeed, type Result } from '../../result';

/** Spoons in millilitres. US customary: NIST Handbook 44, appendix C; metric: common practice, no source. */
export const SPOON_MILLILITRES = {
  teaspoon: 5,
  tablespoon: 15,
  'Australian tablespoon': 20,
  'US teaspoon': 4.929,
  'US tablespoon': 14.787,
} as const;
export type Spoon = keyof typeof SPOON_MILLILITRES;

export const SOLUTES = ['table salt', 'potassium chloride', 'Epsom salt', 'citric acid'] as const;
export type Solute = (typeof SOLUTES)[number];

interface SoluteFacts {
  /** Level-spoon bulk density, g/mL, from memory; heaped spoons scatter. */
  readonly gramsPerMillilitre: number;
  /** Grams that dissolve in 100 g of water at 20 °C, as weighed out: CRC Handbook, from memory. */
  readonly gramsPer100Water: number;
  readonly note: string | null;
}

/**
 * Epsom salt is weighed as MgSO₄·7H₂O, which brings its own water: 33.7 g of anhydrous salt in 100 g of water are
 * 68.9 g of it weighed out, dissolved in the 64.7 g that its crystal water leaves to be added, hence 106 g in 100 g.
 */
const EPSOM_GRAMS_PER_100 = epsomSolubility(33.7);

export const SOLUTE_FACTS: Readonly<Record<Solute, SoluteFacts>> = {
  'table salt': { gramsPerMillilitre: 1.2, gramsPer100Water: 35.9, note: null },
  'potassium chloride': { gramsPerMillilitre: 1, gramsPer100Water: 34.2, note: null },
  'Epsom salt': {
    gramsPerMillilitre: 1,
    gramsPer100Water: EPSOM_GRAMS_PER_100,
    note: 'Weighed as crystals, which are half water.',
  },
  'citric acid': { gramsPerMillilitre: 0.9, gramsPer100Water: 146, note: null },
};

/** Water weighs 0.998 g/mL at 20 °C: CRC Handbook, from memory. */
const WATER_GRAMS_PER_MILLILITRE = 0.998;
/** Share of saturation from which dissolving takes long. */
const SLOW_FROM_SHARE = 0.9;

export interface Mixture {
  readonly grams: number;
  readonly waterMillilitres: number;
  /** Mass of solute per mass of solution. */
  readonly massShare: number;
  /** Share of saturation at 20 °C. */
  readonly saturation: number;
  readonly warning: string | null;
}

/** Level spoons that hold these grams. */
export function spoonsOf(grams: number, solute: Solute, spoon: Spoon): number {
  return grams / SOLUTE_FACTS[solute].gramsPerMillilitre / SPOON_MILLILITRES[spoon];
}

/** A solute in water; refused where it does not dissolve at 20 °C. */
export function mix(solute: Solute, grams: number, waterMillilitres: number): Result<Mixture> {
  if (!(grams > 0)) return fault('grams', 'Give a mass above zero.');
  if (!(waterMillilitres > 0)) return fault('waterMillilitres', 'Give a volume above zero.');
  const water = waterMillilitres * WATER_GRAMS_PER_MILLILITRE;
  const { gramsPer100Water } = SOLUTE_FACTS[solute];
  const saturation = (100 * grams) / water / gramsPer100Water;
  if (saturation > 1) {
    const most = Math.floor((gramsPer100Water * water) / 100);
    return fault(
      'grams',
      `At 20 °C at most ${most} g of ${solute} dissolve in ${waterMillilitres} mL of water; the rest stays at the bottom.`,
    );
  }
  return succeed({
    grams,
    waterMillilitres,
    massShare: grams / (grams + water),
    saturation,
    warning: saturation > SLOW_FROM_SHARE ? 'Close to saturation: stir long, in warm water.' : null,
  });
}

/** Volume of stock to take for a diluted volume, same unit: `C₁·V₁ = C₂·V₂`. Refused where it would be stronger. */
export function dilute(stockStrength: number, strength: number, volume: number): Result<number> {
  if (!(strength > 0)) return fault('strength', 'Give a strength above zero.');
  if (strength > stockStrength) {
    return fault('strength', 'Adding water cannot make it stronger than the stock.');
  }
  return succeed((volume * strength) / stockStrength);
}

/** Grams of crystals with seven waters for 100 g of added water, from the anhydrous solubility. */
function epsomSolubility(anhydrousGrams: number): number {
  const anhydrousMolar = 120.366;
  const crystalMolar = 246.47;
  const crystals = (anhydrousGrams * crystalMolar) / anhydrousMolar;
  const addedWater = 100 - (crystals - anhydrousGrams);
  return (100 * crystals) / addedWater;
}

function fault<T>(field: string, message: string): Result<T> {
  return fail({ code: 'cannot-mix', path: [field], message });
}
