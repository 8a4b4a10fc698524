import type { CellModel } from '../chemistry/cellModel';

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
}

export interface RcPair {
  readonly ohms: number;
  readonly seconds: number;
}

/**
 * A shorted cell falls to a half or less within minutes and rebounds afterwards (common practice, no source): each
 * pair is taken as a quarter to a half of the cell's own resistance.
 */
export const FILM_DEFAULTS = {
  fastShare: 0.4,
  fastSeconds: 8,
  slowShare: 0.6,
  slowSeconds: 240,
} as const;

/** Below this share of its water a cell counts as dried out. */
export const DRY_BELOW = 0.1;

export type FilmShares = Readonly<Record<keyof typeof FILM_DEFAULTS, number>>;

/** Film pairs of a cell from its short-circuit resistance. */
export function filmPairs(
  cell: CellModel,
  shortAmps: number,
  films: FilmShares = FILM_DEFAULTS,
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
