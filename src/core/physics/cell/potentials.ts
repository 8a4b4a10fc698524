import { FARADAY_C_PER_MOL } from '../../constants';

/**
 * Standard reduction potentials at 25 °C, volts against the standard hydrogen electrode.
 * CRC Handbook of Chemistry and Physics, “Electrochemical Series”; values from memory.
 */
export const STANDARD_POTENTIAL_VOLTS = {
  'Mg2+/Mg': -2.372,
  'Al3+/Al': -1.662,
  'Zn2+/Zn': -0.7618,
  'Fe2+/Fe': -0.447,
  'Ni2+/Ni': -0.257,
  'Sn2+/Sn': -0.1375,
  'Pb2+/Pb': -0.1262,
  '2H+/H2': 0,
  'Cu2+/Cu': 0.3419,
  'Ag+/Ag': 0.7996,
  'O2/H2O': 1.229,
  'O2/OH-': 0.401,
} as const;
export type Couple = keyof typeof STANDARD_POTENTIAL_VOLTS;

/** Voltage at unit activities, volts: what thermodynamics allows, not what a classroom cell reads. */
export function thermodynamicVolts(cathode: Couple, anode: Couple): number {
  return STANDARD_POTENTIAL_VOLTS[cathode] - STANDARD_POTENTIAL_VOLTS[anode];
}

export const ANODE_METALS = ['Zn', 'Mg', 'Al', 'Fe', 'Ni', 'Cu', 'Pb'] as const;
export type AnodeMetal = (typeof ANODE_METALS)[number];

interface MetalFacts {
  /** Molar mass, g/mol: IUPAC standard atomic weights 2021, abridged, from memory. */
  readonly gramsPerMol: number;
  readonly electrons: number;
  /** Density: CRC Handbook of Chemistry and Physics, from memory. */
  readonly gramsPerCubicCentimetre: number;
}

export const METAL_FACTS: Readonly<Record<AnodeMetal, MetalFacts>> = {
  Zn: { gramsPerMol: 65.38, electrons: 2, gramsPerCubicCentimetre: 7.14 },
  Mg: { gramsPerMol: 24.305, electrons: 2, gramsPerCubicCentimetre: 1.738 },
  Al: { gramsPerMol: 26.982, electrons: 3, gramsPerCubicCentimetre: 2.7 },
  Fe: { gramsPerMol: 55.845, electrons: 2, gramsPerCubicCentimetre: 7.87 },
  Ni: { gramsPerMol: 58.693, electrons: 2, gramsPerCubicCentimetre: 8.908 },
  Cu: { gramsPerMol: 63.546, electrons: 2, gramsPerCubicCentimetre: 8.96 },
  Pb: { gramsPerMol: 207.2, electrons: 2, gramsPerCubicCentimetre: 11.34 },
};

/** Charge in coulombs that a gram of the metal gives when all of it dissolves: `zF/M` (Faraday). */
export function coulombsPerGram(metal: AnodeMetal): number {
  const { gramsPerMol, electrons } = METAL_FACTS[metal];
  return (electrons * FARADAY_C_PER_MOL) / gramsPerMol;
}

/** Zinc coatings, metres: ASTM F1941/B633 electroplate classes and ASTM A153 class D hot dip, from memory. */
export const ZINC_COATING_METRES = {
  'thin electroplate': 5e-6,
  electroplate: 8e-6,
  'thick electroplate': 12e-6,
  'hot dip': 43e-6,
} as const;

/** Share of the metal that does useful work before the cell fails (common practice, no source). */
export const DEFAULT_UTILISATION = 0.5;

/** Highest believable open-circuit volts of one cell by its metals (common practice, no source). */
export const PRACTICAL_CEILING_VOLTS = {
  'copper-zinc': 1.15,
  'nickel-zinc': 1.05,
  'graphite-aluminium': 1.1,
  'charcoal-aluminium': 1.1,
  'graphite-magnesium': 1.9,
  'carbon-zinc': 1.4,
} as const;
export type MetalPair = keyof typeof PRACTICAL_CEILING_VOLTS;
