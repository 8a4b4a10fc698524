import { cellLossSlopeOhms, terminalVoltage, type CellModel } from '../chemistry/cellModel';

/** One cell with what changes in it while it runs. */
export interface AgeingCell {
  readonly cell: CellModel;
  /** Film and diffusion overvoltage: two resistances that build up with their own times (seconds and minutes). */
  readonly fast: FilmPair;
  readonly slow: FilmPair;
  /** Charge that the dissolving metal can give, coulombs, after utilisation. */
  readonly metalCoulombs: number;
  /** Corrosion that runs beside the useful current, amperes. */
  readonly parasiticAmps: number;
  /** Share of the water lost in a second. */
  readonly dryingPerSecond: number;
}

export interface FilmPair {
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

/** Film pairs of a cell from its short-circuit resistance. */
export function filmPairs(cell: CellModel, shortAmps: number): Pick<AgeingCell, 'fast' | 'slow'> {
  const ohms = cell.emfVolts / shortAmps;
  return {
    fast: { ohms: FILM_DEFAULTS.fastShare * ohms, seconds: FILM_DEFAULTS.fastSeconds },
    slow: { ohms: FILM_DEFAULTS.slowShare * ohms, seconds: FILM_DEFAULTS.slowSeconds },
  };
}

/** What has changed so far. */
export interface CellState {
  readonly fastVolts: number;
  readonly slowVolts: number;
  /** Metal dissolved, coulombs. */
  readonly usedCoulombs: number;
  /** Share of the water left. */
  readonly water: number;
}

/** Which film pairs have caught up with the current, so that they act as plain resistances. */
export type Settled = 'none' | 'fast' | 'both';

/** Terminal volts at a current in amperes, in this state. */
export function ageingVolts(
  ageing: AgeingCell,
  state: CellState,
  settled: Settled,
  amps: number,
): number {
  const dryVolts = extraOhms(ageing, state) * amps;
  const fast = settled === 'none' ? state.fastVolts : ageing.fast.ohms * amps;
  const slow = settled === 'both' ? ageing.slow.ohms * amps : state.slowVolts;
  return terminalVoltage(ageing.cell, amps) - dryVolts - fast - slow;
}

/** How fast those volts fall with the current, ohms. */
export function ageingSlopeOhms(
  ageing: AgeingCell,
  state: CellState,
  settled: Settled,
  amps: number,
): number {
  return (
    cellLossSlopeOhms(ageing.cell, amps) +
    extraOhms(ageing, state) +
    (settled === 'none' ? 0 : ageing.fast.ohms) +
    (settled === 'both' ? ageing.slow.ohms : 0)
  );
}

/** Rates of change per second at a current in amperes. */
export function ageingRates(
  ageing: AgeingCell,
  state: CellState,
  settled: Settled,
  amps: number,
): CellState {
  const { fast, slow } = ageing;
  return {
    fastVolts: settled === 'none' ? (fast.ohms * amps - state.fastVolts) / fast.seconds : 0,
    slowVolts: settled === 'both' ? 0 : (slow.ohms * amps - state.slowVolts) / slow.seconds,
    usedCoulombs: Math.max(0, amps) + ageing.parasiticAmps,
    water: state.water > 0 ? -ageing.dryingPerSecond : 0,
  };
}

/** Drying thickens the electrolyte: its resistance grows as the water goes. */
function extraOhms({ cell }: AgeingCell, { water }: CellState): number {
  const left = Math.max(water, DRY_BELOW / 2);
  return cell.resistanceOhms * (1 / left - 1);
}
