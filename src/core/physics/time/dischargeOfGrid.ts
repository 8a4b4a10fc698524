import { cellAmpsAt } from '../chemistry/cellAmpsAt';
import type { CellModel } from '../chemistry/cellModel';
import { familyCell, type CellFamily, type FamilyId } from '../chemistry/families';
import { DEFAULT_UTILISATION } from '../chemistry/potentials';
import type { Load } from '../circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { FILM_DEFAULTS, filmPairs, type AgeingCell, type FilmShares } from './ageingCell';
import { discharge, type DischargeOutcome } from './discharge';
import { dryingPerSecond, type Wrap } from './drying';

export interface GridRun {
  readonly family: CellFamily;
  readonly pairsPerBody: number;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly load: Load;
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  readonly celsius: number;
  readonly atSeconds: readonly number[];
  readonly leastAmps: number;
}

/** Corrosion beside the useful current, as a share of the short-circuit current (from memory). */
const PARASITIC_SHARE = 0.01;

/**
 * Families whose films differ from the usual. Charcoal in acid peaks and settles to under half within a minute (common
 * practice, no source; the shares are from memory).
 */
const FILMS_OF: Readonly<Partial<Record<FamilyId, FilmShares>>> = {
  'aluminium-air-acid': { ...FILM_DEFAULTS, fastShare: 2 },
};

/** One cell of a family with its films, its metal and its water. */
export function ageingCellOf(
  family: CellFamily,
  run: Pick<GridRun, 'pairsPerBody' | 'wrap' | 'humidity' | 'celsius'>,
): AgeingCell {
  const cell = familyCell(family, { pairs: run.pairsPerBody }, run.celsius);
  return ageingCell(cell, family, { ...run, count: run.pairsPerBody });
}

/** Any cell with its films, its metal and its water; `count` pairs have so much more metal. */
export function ageingCell(
  cell: CellModel,
  { id, supplies }: Pick<CellFamily, 'id' | 'supplies'>,
  left: Pick<GridRun, 'wrap' | 'humidity' | 'celsius'> & {
    readonly count: number;
    /** Begins dry and soaks up its water in so many seconds. */
    readonly soakSeconds?: number | null;
  },
): AgeingCell {
  const shortAmps = cellAmpsAt(cell, 0);
  return {
    cell,
    ...filmPairs(cell, shortAmps, FILMS_OF[id]),
    metalCoulombs: DEFAULT_UTILISATION * supplies.metalCoulombs * left.count,
    parasiticAmps: PARASITIC_SHARE * shortAmps,
    dryingPerSecond: dryingPerSecond({ ...supplies, ...left }),
    soakSeconds: left.soakSeconds ?? null,
  };
}

/** A grid of equal cells running down into a load. */
export function dischargeOfGrid(run: GridRun): DischargeOutcome {
  const cell = ageingCellOf(run.family, run);
  const string = Array.from({ length: run.cellsInSeries }, () => cell);
  return discharge({
    strings: Array.from({ length: run.strings }, () => string),
    load: run.load,
    thermalVolts: ROOM_THERMAL_VOLTS,
    seconds: Math.max(...run.atSeconds),
    atSeconds: [...run.atSeconds].sort((a, b) => a - b),
    leastAmps: run.leastAmps,
  });
}
