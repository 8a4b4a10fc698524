import { succeed, type Result } from '../../result';
import type { CautionId } from '../safety/cautions';
import { conductivity, type Conductor } from '../cell/conductivity';
import { mix, SOLUTE_FACTS, spoonsOf, type Solute } from './mixing';

export const ELECTROLYTES = [
  'brine',
  'vinegar-and-salt',
  'citric-and-potassium',
  'epsom-salt',
] as const;
export type ElectrolyteId = (typeof ELECTROLYTES)[number];

/** An electrolyte as a recipe: what goes into how much of which liquid. */
export interface Electrolyte {
  readonly name: string;
  readonly liquid: string;
  readonly solutes: readonly {
    readonly solute: Solute;
    /** Usual grams in 100 mL of liquid (common practice, no source). */
    readonly gramsPer100: number;
    readonly conductor: Conductor | null;
  }[];
  readonly order: string;
  readonly remark: string;
  readonly cautions: readonly CautionId[];
}

const SALT_AND_ACID =
  'Ordinary salt does not neutralise the acid: both stay what they are. The salt carries the current, the acid keeps the zinc clean.';

export const ELECTROLYTE_RECIPES: Readonly<Record<ElectrolyteId, Electrolyte>> = {
  brine: {
    name: 'Brine',
    liquid: 'warm tap water',
    solutes: [{ solute: 'table salt', gramsPer100: 18, conductor: 'NaCl' }],
    order: 'Stir the salt into the warm water until it is clear; an adult pours what is hotter.',
    remark: 'One level tablespoon in 100 mL is half of what dissolves: more adds little.',
    cautions: ['hot-water'],
  },
  'vinegar-and-salt': {
    name: 'Vinegar and salt',
    liquid: 'vinegar of 5 %',
    solutes: [{ solute: 'table salt', gramsPer100: 10, conductor: 'NaCl' }],
    order: 'Stir the salt into the vinegar; no heating.',
    remark: SALT_AND_ACID,
    cautions: ['weak-acid', 'hydrogen'],
  },
  'citric-and-potassium': {
    name: 'Citric acid and potassium chloride',
    liquid: 'vinegar of 5 %',
    solutes: [
      { solute: 'citric acid', gramsPer100: 10, conductor: 'citric acid' },
      { solute: 'potassium chloride', gramsPer100: 8, conductor: 'KCl' },
    ],
    order:
      'First the citric acid into the vinegar, then the potassium chloride; what stays at the bottom does no harm.',
    remark: SALT_AND_ACID,
    cautions: ['weak-acid', 'hydrogen'],
  },
  'epsom-salt': {
    name: 'Epsom salt',
    liquid: 'distilled water',
    solutes: [{ solute: 'Epsom salt', gramsPer100: 20, conductor: null }],
    order: 'Stir the crystals into the water until it is clear.',
    remark:
      'The crystals are half water themselves, so twice as many grams dissolve as of the dry salt.',
    cautions: [],
  },
};

/** Mixed beyond what the cells take (common practice, no source). */
export const MIXING_SPARE_SHARE = 0.2;

export interface MixingAnswer {
  /** Liquid in all, mL. */
  readonly liquidMillilitres: number;
  readonly portions: readonly {
    readonly solute: Solute;
    readonly grams: number;
    readonly tablespoons: number;
    readonly saturation: number;
    readonly note: string | null;
  }[];
  /** Rough conductivity of the mixture, S/m; `null` where no table covers it. */
  readonly siemensPerMetre: number | null;
  readonly warnings: readonly string[];
}

/** Grams and spoons for a volume; refused where something would not dissolve. */
export function mixLiquid(
  electrolyte: ElectrolyteId,
  strength: number,
  liquidMillilitres: number,
): Result<MixingAnswer> {
  const { solutes } = ELECTROLYTE_RECIPES[electrolyte];
  const portions: MixingAnswer['portions'][number][] = [];
  const warnings: string[] = [];
  let siemensPerMetre: number | null = 0;
  for (const { solute, gramsPer100, conductor } of solutes) {
    const grams = (gramsPer100 * strength * liquidMillilitres) / 100;
    const mixed = mix(solute, grams, liquidMillilitres);
    if (!mixed.ok) return mixed;
    const { saturation, massShare, warning } = mixed.value;
    if (warning !== null) warnings.push(warning);
    portions.push({
      solute,
      grams,
      tablespoons: spoonsOf(grams, solute, 'tablespoon'),
      saturation,
      note: SOLUTE_FACTS[solute].note,
    });
    if (conductor === null) siemensPerMetre = null;
    else if (siemensPerMetre !== null) {
      // Ions of both carry current; that they hinder each other is left out of the estimate.
      siemensPerMetre += conductivity(conductor, 100 * massShare).siemensPerMetre;
    }
  }
  return succeed({ liquidMillilitres, portions, siemensPerMetre, warnings });
}
