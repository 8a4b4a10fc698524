import { cellAmpsAt } from '../chemistry/cellAmpsAt';
import type { CellModel } from '../chemistry/cellModel';
import type { FilmShares } from '../chemistry/films';

/** One cell with what changes in it while it runs. */
export interface AgeingCell {
  readonly cell: CellModel;
  /** Film and diffusion overvoltage: two resistances that build up with their own times (seconds and minutes). */
  readonly fast: RcPair;
  readonly slow: RcPair;
  /** Charge that the dissolving metal can give, coulombs, after utilisation. */
  readonly metalCoulombs: number;
  /** Corrosion that runs beside the useful current, amperes. */
  readonly parasiticAmps: number;
  /** Share of the water lost in a second. */
  readonly dryingPerSecond: number;
  /** Time in which it soaks up its water where it begins dry, seconds; `null`: wet from the start. */
  readonly soakSeconds: number | null;
  /** Mould and browning end it after so many seconds; `null`: nothing in it spoils. */
  readonly spoilsSeconds: number | null;
}

export interface RcPair {
  readonly ohms: number;
  readonly seconds: number;
}

/** Below this share of its water a cell counts as dried out. */
export const DRY_BELOW = 0.1;

/** Film pairs of a cell from its short-circuit current. */
export function filmPairs(
  cell: CellModel,
  shortAmps: number,
  films: FilmShares,
): Pick<AgeingCell, 'fast' | 'slow'> {
  const ohms = cell.emfVolts / shortAmps;
  return {
    fast: { ohms: films.fastShare * ohms, seconds: films.fastSeconds },
    slow: { ohms: films.slowShare * ohms, seconds: films.slowSeconds },
  };
}

/** Share of the water left after so many seconds; evaporation is steady. */
export function waterLeft({ dryingPerSecond }: AgeingCell, seconds: number): number {
  return Math.max(0, 1 - dryingPerSecond * seconds);
}

/** Least wetted share that is calculated with: no cell is ever quite cut off. */
const MIN_WETTED = 1e-3;

/** Share of the electrodes that is wet while a cell soaks up its water; they work in proportion to that. */
export function wettedShare(soakSeconds: number | null, seconds: number): number {
  return soakSeconds === null ? 1 : Math.max(MIN_WETTED, 1 - Math.exp(-seconds / soakSeconds));
}

/** Ohms beside the cell's own curve: drying thickens the electrolyte. */
export function addedOhms(ageing: AgeingCell, seconds: number): number {
  const left = Math.max(waterLeft(ageing, seconds), DRY_BELOW / 2);
  return ageing.cell.resistanceOhms * (1 / left - 1);
}

/**
 * The cell after so many seconds of use, in closed form: `R(t) = R/w(t) + F_fast(t) + F_slow(t)` with the water left `w`. Against
 * the integrated run that is good to 3.5 % in the current.
 */
export function cellAfter(ageing: AgeingCell, seconds: number): CellModel {
  const { cell, fast, slow } = ageing;
  const r = cell.emfVolts / cellAmpsAt(cell, 0);
  const fastOhms = filmOhmsAfter(r, fast, seconds);
  const slowOhms = filmOhmsAfter(r + fastOhms, slow, seconds);
  const resistanceOhms = cell.resistanceOhms + addedOhms(ageing, seconds) + fastOhms + slowOhms;
  return { ...cell, resistanceOhms };
}

/**
 * What a film resists after so many seconds, ohms. With a steady current it is `F·(1 − e^(−t/τ))`. Into a load that holds its
 * volts the current was larger before, since the film itself was smaller: `τ·dV/dt = F·I − V` with `I = (E − V)/r` has the
 * solution below, which ends at the same `F`.
 */
function filmOhmsAfter(r: number, { ohms, seconds: time }: RcPair, seconds: number): number {
  const share = ohms / r;
  const built = -Math.expm1((-seconds * (1 + share)) / time);
  return r * (1 / (1 - (share / (1 + share)) * built) - 1);
}
