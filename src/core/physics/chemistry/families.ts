import type { CellModel } from './cellModel';
import { limitedByCathode, limitedByResistance, type CalibratedCell } from './calibrateCell';
import type { AnodeMetal, MetalPair } from './potentials';
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

/** A cell family: what one cell of the usual size reads, and the physics behind it. */
export interface CellFamily extends CalibratedCell {
  readonly id: FamilyId;
  readonly name: string;
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
  /** Wet surface that meets the air, m². */
  readonly exposedSquareMetres: number;
  /** Food that becomes waste, grams. */
  readonly foodGrams: number;
  /** Rough price of the body and of one pair of electrodes, in tenths of a plain loaf's price (from memory). */
  readonly bodyPrice: number;
  readonly pairPrice: number;
  readonly minutes: number;
}

const COIN = coinAreaSquareMetres(19e-3);
const NAIL = nailAreaSquareMetres(3e-3, 40e-3);
/** Resistivity of 10 % brine: 126 mS/cm (CRC Handbook, from memory). */
const BRINE_OHM_METRES = 1 / 12.6;

type Facts = Pick<CellFamily, 'name' | 'metals' | 'anode'>;
type Traits = Partial<Pick<CellFamily, 'breathes' | 'morePairs' | 'restricted'>>;

function family(
  id: FamilyId,
  facts: Facts,
  cell: CalibratedCell,
  taken: CellSupplies,
  traits: Traits = {},
): CellFamily {
  return {
    id,
    ...facts,
    ...cell,
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
  exposedSquareMetres: number,
  foodGrams: number,
  bodyPrice: number,
  pairPrice: number,
  minutes = 5,
): CellSupplies {
  return {
    metalCoulombs,
    waterGrams,
    exposedSquareMetres,
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
    { name: 'coin pile in brine', metals: 'copper-zinc', anode: 'Zn' },
    limitedByCathode(
      {
        openVolts: [0.7, 0.8],
        shortAmps: [1.2e-3, 1.4e-3],
        areaSquareMetres: COIN,
        gapMetres: 0.5e-3,
      },
      BRINE_OHM_METRES,
    ),
    supplies(300, 0.1, 3e-5, 0, 0.1, 0.5, 3),
  ),
  family(
    'one-coin-pile',
    { name: 'pile of half-sanded coins', metals: 'copper-zinc', anode: 'Zn' },
    limitedByCathode(
      {
        openVolts: [0.5, 0.8],
        shortAmps: [0.9e-3, 1.1e-3],
        areaSquareMetres: COIN,
        gapMetres: 0.5e-3,
      },
      1 / 3,
    ),
    supplies(3600, 0.1, 3e-5, 0, 0.1, 0.1, 8),
  ),
  family(
    'nickel-zinc-pile',
    { name: 'nickel–zinc pile', metals: 'nickel-zinc', anode: 'Zn' },
    limitedByCathode(
      {
        openVolts: [0.5, 0.6],
        shortAmps: [0.8e-3, 1.2e-3],
        areaSquareMetres: coinAreaSquareMetres(21e-3),
        gapMetres: 0.5e-3,
      },
      5,
    ),
    supplies(300, 0.1, 3.3e-5, 0, 0.1, 0.6, 3),
  ),
  family(
    'fruit',
    { name: 'fruit with copper and zinc', metals: 'copper-zinc', anode: 'Zn' },
    limitedByResistance({
      openVolts: [0.85, 1.0],
      shortAmps: [0.2e-3, 1e-3],
      areaSquareMetres: NAIL,
      gapMetres: 20e-3,
    }),
    supplies(40, 60, 2e-4, 80, 3, 0.5),
    { morePairs: true },
  ),
  family(
    'root-vegetable',
    { name: 'root vegetable', metals: 'copper-zinc', anode: 'Zn' },
    limitedByResistance({
      openVolts: [0.8, 0.92],
      shortAmps: [0.2e-3, 0.5e-3],
      areaSquareMetres: NAIL,
      gapMetres: 20e-3,
    }),
    supplies(40, 100, 2e-4, 120, 1, 0.5),
    { morePairs: true },
  ),
  family(
    'juice-cup',
    { name: 'cup of juice or vinegar', metals: 'copper-zinc', anode: 'Zn' },
    limitedByResistance({
      openVolts: [0.9, 1.0],
      shortAmps: [1e-3, 5e-3],
      areaSquareMetres: 1.5e-3,
      gapMetres: 30e-3,
    }),
    supplies(500, 80, 3e-3, 80, 2, 1.5),
    { morePairs: true },
  ),
  family(
    'aluminium-air-brine',
    { name: 'aluminium–air, brine sponge', metals: 'graphite-aluminium', anode: 'Al' },
    limitedByResistance({
      openVolts: [0.85, 0.95],
      shortAmps: [3e-3, 9e-3],
      areaSquareMetres: 2e-3,
      gapMetres: 5e-3,
    }),
    supplies(2000, 15, 3e-3, 0, 1, 1),
    { breathes: true },
  ),
  family(
    'aluminium-air-acid',
    { name: 'aluminium–air, acid and charcoal', metals: 'charcoal-aluminium', anode: 'Al' },
    limitedByCathode(
      {
        openVolts: [0.5, 0.58],
        shortAmps: [10e-3, 40e-3],
        areaSquareMetres: 2.5e-3,
        gapMetres: 3e-3,
      },
      0.5,
    ),
    supplies(2000, 10, 2.5e-3, 0, 1, 1.5, 8),
    { breathes: true },
  ),
  family(
    'magnesium-graphite',
    { name: 'magnesium–graphite, wet', metals: 'graphite-magnesium', anode: 'Mg' },
    limitedByResistance({
      openVolts: [1.45, 1.55],
      shortAmps: [10e-3, 20e-3],
      areaSquareMetres: 3e-4,
      gapMetres: 10e-3,
    }),
    supplies(1500, 80, 3e-3, 0, 0.5, 4),
    { morePairs: true },
  ),
  family(
    'magnesium-air-rod',
    { name: 'magnesium–air rod', metals: 'graphite-magnesium', anode: 'Mg' },
    limitedByResistance({
      openVolts: [1.3, 1.5],
      shortAmps: [0.08, 0.12],
      areaSquareMetres: 1.5e-3,
      gapMetres: 2e-3,
    }),
    supplies(6000, 8, 2e-3, 0, 0.5, 15, 15),
    { breathes: true },
  ),
  family(
    'zinc-carbon-felt',
    { name: 'zinc–carbon felt, water-activated', metals: 'carbon-zinc', anode: 'Zn' },
    limitedByResistance({
      openVolts: [0.9, 1.1],
      shortAmps: [0.4, 0.6],
      areaSquareMetres: 5e-3,
      gapMetres: 5e-3,
    }),
    supplies(4000, 20, 2e-3, 0, 1, 8, 10),
    { breathes: true },
  ),
  family(
    'two-solution',
    { name: 'two solutions with a bridge', metals: null, anode: 'Zn' },
    limitedByResistance({
      openVolts: [1.08, 1.1],
      shortAmps: [5e-3, 50e-3],
      areaSquareMetres: 2e-3,
      gapMetres: 60e-3,
    }),
    supplies(3000, 200, 5e-3, 0, 4, 2, 10),
  ),
  family(
    'concentration',
    { name: 'concentration cell', metals: null, anode: 'Cu' },
    limitedByResistance({
      // 0.5 mol/L against 0.05 mol/L: 29.6 mV by the Nernst equation, a little less with real activities.
      openVolts: [0.026, 0.032],
      shortAmps: [0.05e-3, 0.5e-3],
      areaSquareMetres: 2e-3,
      gapMetres: 60e-3,
    }),
    supplies(3000, 200, 5e-3, 0, 4, 2, 10),
  ),
  family(
    'dilute-sulfuric-acid',
    { name: 'dilute sulfuric acid', metals: 'copper-zinc', anode: 'Zn' },
    limitedByResistance({
      openVolts: [0.95, 1.05],
      shortAmps: [1, 4],
      areaSquareMetres: 5e-3,
      gapMetres: 20e-3,
    }),
    supplies(5000, 200, 5e-3, 0, 6, 4, 10),
    { restricted: true },
  ),
];

export function familyOf(id: FamilyId): CellFamily {
  const found = FAMILIES.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no family ${id}`);
  return found;
}

/** One cell of a family, of its usual size or another. */
export function familyCell(
  { chemistry, geometry }: Pick<CellFamily, 'chemistry' | 'geometry'>,
  change: Partial<CellGeometry> = {},
  celsius?: number,
): CellModel {
  return scaleCell(chemistry, { ...geometry, ...change }, celsius);
}
