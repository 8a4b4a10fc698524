import type { CellModel } from './cellModel';
import {
  bridgedCell,
  slightlyCurvedCell,
  straightCell,
  type CalibratedCell,
  type TypicalCell,
} from './calibrateCell';
import type { AnodeMetal, MetalPair } from './potentials';
import {
  ACID_MIX_OHM_METRES,
  EPSOM_OHM_METRES,
  FRUIT_TISSUE_OHM_METRES,
  JUICE_OHM_METRES,
  MIXED_BRINE_OHM_METRES,
  ROOT_TISSUE_OHM_METRES,
  SATURATED_BRINE_OHM_METRES,
  SULFATE_OHM_METRES,
  SULFURIC_OHM_METRES,
  TAP_WATER_OHM_METRES,
  VINEGAR_OHM_METRES,
} from './resistivities';
import {
  coinAreaSquareMetres,
  nailAreaSquareMetres,
  scaleCell,
  type CellGeometry,
} from './scaleCell';

export const FAMILY_IDS = [
  'coin-pile-brine',
  'one-coin-pile',
  'nickel-zinc-pile',
  'fruit',
  'root-vegetable',
  'juice-cup',
  'aluminium-air-brine',
  'aluminium-air-acid',
  'magnesium-graphite',
  'magnesium-air-rod',
  'zinc-carbon-felt',
  'two-solution',
  'concentration',
  'dilute-sulfuric-acid',
] as const;
export type FamilyId = (typeof FAMILY_IDS)[number];

/** How the typical cell behaves: a straight line, or a slight curve, or one with a bridge between two vessels. */
export const CELL_SHAPES = {
  straight: straightCell,
  'slightly-curved': slightlyCurvedCell,
  bridged: bridgedCell,
} as const satisfies Record<string, (typical: TypicalCell) => CalibratedCell>;

/** A cell family: what one cell of the usual size reads, and the physics behind it. */
export interface CellFamily extends CalibratedCell {
  readonly id: FamilyId;
  readonly name: string;
  readonly curveShape: keyof typeof CELL_SHAPES;
  /** Metals for the ceiling check; `null` where the Nernst equation gives the voltage. */
  readonly metals: MetalPair | null;
  readonly anode: AnodeMetal;
  /** Needs air at its carbon side: never taped shut. */
  readonly breathes: boolean;
  /** Whether more electrode pairs can go into the same body. */
  readonly morePairs: boolean;
  readonly supplies: CellSupplies;
  /** Staff only, numbers only. */
  readonly restricted: boolean;
}

/** What limits a cell's life and what it takes; per cell of the usual size. */
export interface CellSupplies {
  /** Charge of all the metal that can dissolve, coulombs; only a part of it does useful work. */
  readonly metalCoulombs: number;
  readonly waterGrams: number;
  /** Radius of the wet body as the air meets it, m. */
  readonly wetRadiusMetres: number;
  /** Food that becomes waste, grams. */
  readonly foodGrams: number;
  /** Rough price of the body and of one pair of electrodes, in tenths of a plain loaf's price (from memory). */
  readonly bodyPrice: number;
  readonly pairPrice: number;
  readonly minutes: number;
}

const MILLIMETRE = 1e-3;

function faces(
  widthMillimetres: number,
  depthMillimetres: number,
  gapMillimetres: number,
): CellGeometry {
  const area = widthMillimetres * depthMillimetres * MILLIMETRE ** 2;
  return geometry(area, gapMillimetres, null);
}

function coins(diameterMillimetres: number): CellGeometry {
  return geometry(coinAreaSquareMetres(diameterMillimetres * MILLIMETRE), 0.5, null);
}

/** Two nails of 3 mm, 4 cm deep, 2 cm apart. */
const NAILS = geometry(nailAreaSquareMetres(3e-3, 40e-3), 20, {
  radiusMetres: 1.5e-3,
  lengthMetres: 40e-3,
});

function geometry(
  areaSquareMetres: number,
  gapMillimetres: number,
  round: CellGeometry['round'],
): CellGeometry {
  return {
    areaSquareMetres,
    gapMetres: gapMillimetres * MILLIMETRE,
    round,
    contactOhms: 0,
    pairs: 1,
    extraPlus: 0,
    extraMinus: 0,
  };
}

/**
 * Share of the reaction's resistance that the − metal has: a second zinc nail alone adds a quarter to a half (common
 * practice, no source), which the tissue between the nails does not account for.
 */
const NAIL_ANODE_SHARE = 0.4;
/** With strips in a cup somewhat less; in sponges the − metal is large (from memory). */
const STRIP_ANODE_SHARE = 0.3;
const FOIL_ANODE_SHARE = 0.1;

type Facts = Pick<CellFamily, 'name' | 'metals' | 'anode' | 'curveShape'>;
type Traits = Partial<Pick<CellFamily, 'breathes' | 'morePairs' | 'restricted'>>;

function family(
  id: FamilyId,
  facts: Facts,
  typical: TypicalCell,
  taken: CellSupplies,
  traits: Traits = {},
): CellFamily {
  return {
    id,
    ...facts,
    ...CELL_SHAPES[facts.curveShape](typical),
    supplies: taken,
    breathes: false,
    morePairs: false,
    restricted: false,
    ...traits,
  };
}

function supplies(
  metalCoulombs: number,
  waterGrams: number,
  wetRadiusMillimetres: number,
  foodGrams: number,
  bodyPrice: number,
  pairPrice: number,
  minutes = 5,
): CellSupplies {
  return {
    metalCoulombs,
    waterGrams,
    wetRadiusMetres: wetRadiusMillimetres * MILLIMETRE,
    foodGrams,
    bodyPrice,
    pairPrice,
    minutes,
  };
}

/** All families of the trade. Readings: common practice, no source; sizes, supplies and prices: from memory. */
export const FAMILIES: readonly CellFamily[] = [
  family(
    'coin-pile-brine',
    { name: 'coin pile in brine', metals: 'copper-zinc', anode: 'Zn', curveShape: 'straight' },
    {
      openVolts: [0.7, 0.8],
      shortAmps: [1.2e-3, 1.4e-3],
      geometry: coins(19),
      resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
    },
    supplies(300, 0.1, 9.5, 0, 0.1, 0.5, 3),
  ),
  family(
    'one-coin-pile',
    {
      name: 'pile of half-sanded coins',
      metals: 'copper-zinc',
      anode: 'Zn',
      curveShape: 'straight',
    },
    {
      openVolts: [0.5, 0.8],
      shortAmps: [0.9e-3, 1.1e-3],
      geometry: coins(19),
      resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
    },
    supplies(3600, 0.1, 9.5, 0, 0.1, 0.1, 8),
  ),
  family(
    'nickel-zinc-pile',
    { name: 'nickel–zinc pile', metals: 'nickel-zinc', anode: 'Zn', curveShape: 'straight' },
    {
      openVolts: [0.5, 0.6],
      shortAmps: [0.8e-3, 1.2e-3],
      geometry: coins(21),
      resistivityOhmMetres: VINEGAR_OHM_METRES,
    },
    supplies(300, 0.1, 10.5, 0, 0.1, 0.6, 3),
  ),
  family(
    'fruit',
    {
      name: 'fruit with copper and zinc',
      metals: 'copper-zinc',
      anode: 'Zn',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [0.85, 1.0],
      shortAmps: [0.2e-3, 1e-3],
      geometry: NAILS,
      resistivityOhmMetres: FRUIT_TISSUE_OHM_METRES,
      anodeShare: NAIL_ANODE_SHARE,
    },
    supplies(40, 60, 30, 80, 3, 0.5),
    { morePairs: true },
  ),
  family(
    'root-vegetable',
    { name: 'root vegetable', metals: 'copper-zinc', anode: 'Zn', curveShape: 'slightly-curved' },
    {
      openVolts: [0.8, 0.92],
      shortAmps: [0.2e-3, 0.5e-3],
      geometry: NAILS,
      resistivityOhmMetres: ROOT_TISSUE_OHM_METRES,
      anodeShare: NAIL_ANODE_SHARE,
    },
    supplies(40, 100, 35, 120, 1, 0.5),
    { morePairs: true },
  ),
  family(
    'juice-cup',
    {
      name: 'cup of juice or vinegar',
      metals: 'copper-zinc',
      anode: 'Zn',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [0.9, 1.0],
      shortAmps: [1e-3, 5e-3],
      geometry: faces(30, 50, 30),
      resistivityOhmMetres: JUICE_OHM_METRES,
      anodeShare: STRIP_ANODE_SHARE,
    },
    supplies(500, 80, 30, 80, 2, 1.5),
    { morePairs: true },
  ),
  family(
    'aluminium-air-brine',
    {
      name: 'aluminium–air, brine sponge',
      metals: 'graphite-aluminium',
      anode: 'Al',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [0.85, 0.95],
      shortAmps: [3e-3, 9e-3],
      geometry: faces(40, 50, 5),
      resistivityOhmMetres: SATURATED_BRINE_OHM_METRES,
      anodeShare: FOIL_ANODE_SHARE,
    },
    supplies(2000, 15, 30, 0, 1, 1),
    { breathes: true },
  ),
  family(
    'aluminium-air-acid',
    {
      name: 'aluminium–air, acid and charcoal',
      metals: 'charcoal-aluminium',
      anode: 'Al',
      curveShape: 'straight',
    },
    {
      openVolts: [0.5, 0.58],
      shortAmps: [10e-3, 40e-3],
      geometry: faces(50, 50, 3),
      resistivityOhmMetres: ACID_MIX_OHM_METRES,
      anodeShare: FOIL_ANODE_SHARE,
    },
    supplies(2000, 10, 28, 0, 1, 1.5, 8),
    { breathes: true },
  ),
  family(
    'magnesium-graphite',
    {
      name: 'magnesium–graphite, wet',
      metals: 'graphite-magnesium',
      anode: 'Mg',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [1.45, 1.55],
      shortAmps: [10e-3, 20e-3],
      geometry: faces(6, 50, 10),
      resistivityOhmMetres: EPSOM_OHM_METRES,
      anodeShare: STRIP_ANODE_SHARE,
    },
    supplies(1500, 80, 30, 0, 0.5, 4),
    { morePairs: true },
  ),
  family(
    'magnesium-air-rod',
    {
      name: 'magnesium–air rod',
      metals: 'graphite-magnesium',
      anode: 'Mg',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [1.3, 1.5],
      shortAmps: [0.08, 0.12],
      geometry: faces(15, 100, 2),
      resistivityOhmMetres: TAP_WATER_OHM_METRES,
      anodeShare: FOIL_ANODE_SHARE,
    },
    supplies(6000, 8, 25, 0, 0.5, 15, 15),
    { breathes: true },
  ),
  family(
    'zinc-carbon-felt',
    {
      name: 'zinc–carbon felt, water-activated',
      metals: 'carbon-zinc',
      anode: 'Zn',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [0.9, 1.1],
      shortAmps: [0.4, 0.6],
      geometry: faces(50, 100, 5),
      resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
      anodeShare: FOIL_ANODE_SHARE,
    },
    supplies(4000, 20, 25, 0, 1, 8, 10),
    { breathes: true },
  ),
  family(
    'two-solution',
    { name: 'two solutions with a bridge', metals: null, anode: 'Zn', curveShape: 'bridged' },
    {
      openVolts: [1.08, 1.1],
      shortAmps: [5e-3, 50e-3],
      geometry: faces(40, 50, 60),
      resistivityOhmMetres: SULFATE_OHM_METRES,
    },
    supplies(3000, 200, 40, 0, 4, 2, 10),
  ),
  family(
    'concentration',
    { name: 'concentration cell', metals: null, anode: 'Cu', curveShape: 'bridged' },
    {
      // 0.5 mol/L against 0.05 mol/L: 29.6 mV by the Nernst equation, a little less with real activities.
      openVolts: [0.026, 0.032],
      shortAmps: [0.05e-3, 0.5e-3],
      geometry: faces(40, 50, 60),
      resistivityOhmMetres: SULFATE_OHM_METRES,
    },
    supplies(3000, 200, 40, 0, 4, 2, 10),
  ),
  family(
    'dilute-sulfuric-acid',
    {
      name: 'dilute sulfuric acid',
      metals: 'copper-zinc',
      anode: 'Zn',
      curveShape: 'slightly-curved',
    },
    {
      openVolts: [0.95, 1.05],
      shortAmps: [1, 4],
      geometry: faces(50, 100, 20),
      resistivityOhmMetres: SULFURIC_OHM_METRES,
    },
    supplies(5000, 200, 40, 0, 6, 4, 10),
    { restricted: true },
  ),
];

export function familyOf(id: FamilyId): CellFamily {
  const found = FAMILIES.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no family ${id}`);
  return found;
}

/** One cell of a family, of its usual size or another, at room temperature. */
export function familyCell(
  { chemistry, geometry: usual }: Pick<CellFamily, 'chemistry' | 'geometry'>,
  change: Partial<CellGeometry> = {},
): CellModel {
  return scaleCell(chemistry, { ...usual, ...change });
}
