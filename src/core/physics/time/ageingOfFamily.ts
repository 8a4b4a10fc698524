import { cellAmpsAt } from '../chemistry/cellAmpsAt';
import { cellInWarmth } from '../chemistry/cellInWarmth';
import type { CellModel } from '../chemistry/cellModel';
import { familyCell } from '../chemistry/families';
import type { CellFamily, CellSupplies, FamilyId } from '../chemistry/family';
import { LIQUID_FACTS, type LiquidId } from '../chemistry/liquids';
import { PIECE_FACTS, type Piece } from '../chemistry/pieces';
import { FILMS_OF } from '../chemistry/films';
import { DEFAULT_UTILISATION } from '../chemistry/potentials';
import { resistanceParts } from '../chemistry/scaleCell';
import { filmPairs, type AgeingCell } from './ageingCell';
import { dryingPerSecond, type Wrap } from './drying';

/**
 * Corrosion beside the useful current, as a share of the short-circuit current. Magnesium in salt water wastes about half of
 * what it gives (current efficiency of magnesium anodes, ASTM G97, from memory); zinc in acid gives off hydrogen all the time; the
 * rest is from memory.
 */
export const CORROSION_SHARE: Readonly<Record<FamilyId, number>> = {
  'coin-pile-brine': 0.02,
  'one-coin-pile': 0.03,
  'nickel-zinc-pile': 0.05,
  fruit: 0.05,
  'root-vegetable': 0.03,
  'juice-cup': 0.1,
  'aluminium-air-brine': 0.05,
  'aluminium-air-acid': 0.05,
  'magnesium-graphite': 0.5,
  'magnesium-air-rod': 0.2,
  'zinc-carbon-felt': 0.02,
  'two-solution': 0.01,
  concentration: 0,
  'dilute-sulfuric-acid': 0.3,
};

/** Fruit and roots are spent by mould and browning within a week, juice in cups after about four days (from memory). */
const SPOILS_DAYS: Readonly<Partial<Record<FamilyId, number>>> = {
  fruit: 7,
  'root-vegetable': 7,
  'juice-cup': 4,
};
/** Cut open they brown and mould sooner (from memory). */
const CUT_SPOILS_DAYS = 2;
const DAY_SECONDS = 86_400;

/** Families whose cells stand on one another and dry as one body. */
const STACKED: readonly FamilyId[] = ['coin-pile-brine', 'one-coin-pile', 'nickel-zinc-pile'];

/** Where and how a cell is left. */
export interface CellSurroundings {
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  readonly celsius: number;
  /** Cells in its string. */
  readonly cellsInSeries: number;
  /** − electrodes: metal that dissolves. */
  readonly minusElectrodes: number;
  /** How the fruit or root is cut; whole where nothing is said. */
  readonly piece?: Piece;
  /** What it is wet with; as pure water where nothing is said. */
  readonly liquid?: LiquidId | undefined;
  /** Begins dry and soaks up its water in so many seconds. */
  readonly soakSeconds?: number | null;
}

/** One cell of a family with its films, its metal and its water. */
export function ageingCellOf(
  family: CellFamily,
  run: Omit<CellSurroundings, 'minusElectrodes'> & { readonly pairsPerBody: number },
): AgeingCell {
  const cell = familyCell(family, { pairs: run.pairsPerBody });
  const { electrolyteOhms, contactOhms } = resistanceParts(family.chemistry, family.geometry);
  const share = (electrolyteOhms + contactOhms) / familyCell(family).resistanceOhms;
  return ageingCell(cellInWarmth(cell, share, run.celsius), family, {
    ...run,
    minusElectrodes: run.pairsPerBody,
  });
}

/** Any cell, as it is in the room's warmth, with its films, its metal and its water. */
export function ageingCell(
  cell: CellModel,
  { id, supplies }: Pick<CellFamily, 'id' | 'supplies'>,
  around: CellSurroundings,
): AgeingCell {
  const shortAmps = cellAmpsAt(cell, 0);
  const { piece = 'whole' } = around;
  const spoilsDays = piece === 'whole' ? SPOILS_DAYS[id] : CUT_SPOILS_DAYS;
  return {
    cell,
    ...filmPairs(cell, shortAmps, FILMS_OF[id]),
    metalCoulombs: DEFAULT_UTILISATION * supplies.metalCoulombs * around.minusElectrodes,
    parasiticAmps: CORROSION_SHARE[id] * shortAmps,
    dryingPerSecond: dryingOf(
      supplies,
      piece,
      around,
      STACKED.includes(id) ? around.cellsInSeries : null,
    ),
    soakSeconds: around.soakSeconds ?? null,
    spoilsSeconds: spoilsDays === undefined ? null : spoilsDays * DAY_SECONDS,
  };
}

/**
 * Share of its water that a cell loses in a second. A cut face is a wet disc on one side, which loses as much as a ball of a πth
 * of its radius (capacitance of a disc, 8·ε·radius for both sides, any textbook of electromagnetism); skin goes on holding back
 * what it covers.
 */
function dryingOf(
  { waterGrams, wetRadiusMetres }: CellSupplies,
  piece: Piece,
  { wrap, humidity, celsius, liquid }: CellSurroundings,
  stacked: number | null,
): number {
  const { share, cutFaces, peeled } = PIECE_FACTS[piece];
  const waterActivity = liquid === undefined ? 1 : LIQUID_FACTS[liquid].waterActivity;
  const air = { waterGrams: waterGrams * share, humidity, celsius, waterActivity, stacked };
  const bare: Wrap = wrap === 'sealed' ? 'sealed' : 'open';
  const body = dryingPerSecond({
    ...air,
    wetRadiusMetres: wetRadiusMetres * Math.cbrt(share),
    wrap: peeled ? bare : wrap,
  });
  if (cutFaces === 0) return body;
  const face = dryingPerSecond({ ...air, wetRadiusMetres: wetRadiusMetres / Math.PI, wrap: bare });
  return body + cutFaces * face;
}
