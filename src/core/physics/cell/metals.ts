import { STANDARD_POTENTIAL_VOLTS, type Couple } from './potentials';

export const MATERIALS = [
  'copper',
  'zinc',
  'nickel',
  'carbon',
  'aluminium',
  'magnesium',
  'steel',
] as const;
export type Material = (typeof MATERIALS)[number];

export const METALS = [
  'magnesium',
  'aluminium',
  'zinc',
  'iron',
  'nickel',
  'tin',
  'lead',
  'copper',
  'silver',
  'graphite',
] as const;
export type Metal = (typeof METALS)[number];

export interface MetalFact {
  readonly name: string;
  /** How drawings show it. */
  readonly material: Material;
  /** Couple with its own ions; `null` for graphite, which takes no part itself. */
  readonly own: Ions | null;
  /**
   * Mixed potential in aerated salt water against the standard hydrogen electrode, volts, lowest and highest: galvanic series
   * in sea water (ASTM G82 prints it against the calomel electrode; +0.241 V), with copper, tin and lead as they stand in a
   * still cup, where copper is + against both; values from memory.
   */
  readonly saltWaterVolts: readonly [low: number, high: number];
  /**
   * The same in acid fruit: no chloride, and acid that strips films and binds tin and iron. From memory; chosen to agree with what
   * classes read of copper and nickel against zinc.
   */
  readonly fruitVolts: readonly [low: number, high: number];
  /** What makes it behave otherwise than the table says; `null` where nothing does. */
  readonly film: string | null;
  /** Its skin takes about a volt of the table away in every liquid, its own salt among them. */
  readonly losesItsVolt?: true;
  /** Liquids in which it dissolves by itself so fast that bubbles of hydrogen rise at it. */
  readonly bubblesIn?: readonly ('fruit' | 'salt-water')[];
}

interface Ions {
  readonly couple: Couple;
  readonly symbol: string;
  readonly ion: string;
  readonly electrons: number;
}

function ions(couple: Couple, symbol: string, ion: string, electrons: number): Ions {
  return { couple, symbol, ion, electrons };
}

export const METAL_FACT: Readonly<Record<Metal, MetalFact>> = {
  magnesium: {
    name: 'magnesium',
    material: 'magnesium',
    own: ions('Mg2+/Mg', 'Mg', 'Mg²⁺', 2),
    saltWaterVolts: [-1.42, -1.36],
    fruitVolts: [-1.45, -1.3],
    film: 'Magnesium is covered by hydroxide and reacts with the water itself, giving off hydrogen: almost a volt of the table is lost, in its own salt too.',
    losesItsVolt: true,
    bubblesIn: ['fruit', 'salt-water'],
  },
  aluminium: {
    name: 'aluminium',
    material: 'aluminium',
    own: ions('Al3+/Al', 'Al', 'Al³⁺', 3),
    saltWaterVolts: [-0.76, -0.5],
    fruitVolts: [-0.6, -0.4],
    film: 'A tight oxide skin covers aluminium: it behaves far more nobly than the table says, in its own salt too.',
    losesItsVolt: true,
  },
  zinc: {
    name: 'zinc',
    material: 'zinc',
    own: ions('Zn2+/Zn', 'Zn', 'Zn²⁺', 2),
    saltWaterVolts: [-0.79, -0.74],
    fruitVolts: [-0.79, -0.74],
    film: null,
    bubblesIn: ['fruit'],
  },
  iron: {
    name: 'iron or steel',
    material: 'steel',
    own: ions('Fe2+/Fe', 'Fe', 'Fe²⁺', 2),
    saltWaterVolts: [-0.47, -0.36],
    fruitVolts: [-0.45, -0.36],
    film: null,
    bubblesIn: ['fruit'],
  },
  nickel: {
    name: 'nickel',
    material: 'nickel',
    own: ions('Ni2+/Ni', 'Ni', 'Ni²⁺', 2),
    saltWaterVolts: [0.04, 0.14],
    fruitVolts: [-0.22, -0.16],
    film: 'A thin oxide film makes nickel nobler than the table says.',
  },
  tin: {
    name: 'tin',
    material: 'nickel',
    own: ions('Sn2+/Sn', 'Sn', 'Sn²⁺', 2),
    saltWaterVolts: [-0.3, -0.2],
    fruitVolts: [-0.3, -0.22],
    film: null,
  },
  lead: {
    name: 'lead',
    material: 'steel',
    own: ions('Pb2+/Pb', 'Pb', 'Pb²⁺', 2),
    saltWaterVolts: [-0.28, -0.18],
    fruitVolts: [-0.25, -0.18],
    film: 'Lead is poisonous: for the table only, never for the class.',
  },
  copper: {
    name: 'copper',
    material: 'copper',
    own: ions('Cu2+/Cu', 'Cu', 'Cu²⁺', 2),
    saltWaterVolts: [-0.05, 0.02],
    fruitVolts: [0.1, 0.22],
    film: null,
  },
  silver: {
    name: 'silver',
    material: 'nickel',
    own: ions('Ag+/Ag', 'Ag', 'Ag⁺', 1),
    saltWaterVolts: [0.09, 0.14],
    fruitVolts: [0.25, 0.35],
    film: null,
  },
  graphite: {
    name: 'graphite',
    material: 'carbon',
    own: null,
    saltWaterVolts: [0.44, 0.54],
    fruitVolts: [0.35, 0.55],
    film: null,
  },
};

/** Potential of a metal against its own ions at unit activity, volts; `null` for graphite. */
export function tableVolts(metal: Metal): number | null {
  const { own } = METAL_FACT[metal];
  return own === null ? null : STANDARD_POTENTIAL_VOLTS[own.couple];
}

/** Potential of a metal in fruit or in salt water, volts, lowest and highest. */
export function practicalPotential(
  metal: Metal,
  medium: 'fruit' | 'salt-water',
): readonly [low: number, high: number] {
  const { fruitVolts, saltWaterVolts } = METAL_FACT[metal];
  return medium === 'fruit' ? fruitVolts : saltWaterVolts;
}

/** The metal of an electrode’s material, as the potentials know it. */
export const METAL_OF_MATERIAL: Readonly<Record<Material, Metal>> = {
  copper: 'copper',
  zinc: 'zinc',
  nickel: 'nickel',
  carbon: 'graphite',
  aluminium: 'aluminium',
  magnesium: 'magnesium',
  steel: 'iron',
};

/** How a metal dissolves: `Zn → Zn²⁺ + 2 e⁻`; `null` for graphite. */
export function dissolvingReaction(metal: Metal): string | null {
  const { own } = METAL_FACT[metal];
  if (own === null) return null;
  const { symbol, ion, electrons } = own;
  return `${symbol} → ${ion} + ${electrons === 1 ? '' : `${electrons} `}e⁻`;
}
