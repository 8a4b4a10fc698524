import {
  bridgedCell,
  slightlyCurvedCell,
  straightCell,
  type CalibratedCell,
  type TypicalCell,
} from './calibrateCell';
import type { AnodeMetal, MetalPair } from './potentials';

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
  readonly minutes: number;
}
