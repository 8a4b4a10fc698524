import type { CellModel } from './cellModel';
import type { TypicalCell } from './calibrateCell';
import { CELL_SHAPES, type CellFamily, type CellSupplies, type FamilyId } from './family';
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
import { scaleCell, type CellGeometry } from './scaleCell';
import { coins, faces, NAILS } from './usualGeometry';

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
  minutes = 5,
): CellSupplies {
  return {
    metalCoulombs,
    waterGrams,
    wetRadiusMetres: wetRadiusMillimetres / 1000,
    foodGrams,
    minutes,
  };
}

/** All families of the trade. Readings: common practice, no source; sizes and supplies: from memory. */
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
    supplies(300, 0.1, 9.5, 0, 3),
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
    supplies(3600, 0.1, 9.5, 0, 8),
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
    supplies(300, 0.1, 10.5, 0, 3),
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
    supplies(40, 60, 30, 80),
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
    supplies(40, 100, 35, 120),
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
    supplies(500, 80, 30, 80),
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
    supplies(2000, 15, 30, 0),
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
    supplies(2000, 10, 28, 0, 8),
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
    supplies(1500, 80, 30, 0),
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
    supplies(6000, 8, 25, 0, 15),
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
    supplies(4000, 20, 25, 0, 10),
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
    supplies(3000, 200, 40, 0, 10),
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
    supplies(3000, 200, 40, 0, 10),
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
    supplies(5000, 200, 40, 0, 10),
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
