import type { CellModel } from '../../physics/chemistry/cellModel';
import type { CellFamily } from '../../physics/chemistry/family';
import type { LiquidId } from '../../physics/chemistry/liquids';
import type { Piece } from '../../physics/chemistry/pieces';
import { cellAfter, DRY_BELOW, type AgeingCell } from '../../physics/time/ageingCell';
import { ageingCell } from '../../physics/time/ageingOfFamily';
import type { CellEnd } from '../../physics/time/dischargeRun';
import type { Wrap } from '../../physics/time/drying';

/** When a cell ends, and by what. */
export interface CellEndsAt {
  readonly seconds: number;
  readonly by: CellEnd;
}

/** A cell that is to be used for so long: what the planner knows of it. */
export interface CellInUse {
  /** At once after connecting. */
  readonly fresh: CellModel;
  readonly seconds: number;
  /** After the wanted time, in strings of a length. */
  readonly after: (cellsInSeries: number) => CellModel;
  readonly afterSeconds: (cellsInSeries: number, seconds: number) => CellModel;
  /** The charge of its metal in coulombs, and what eats it without a current. */
  readonly metalOf: (cellsInSeries: number) => Pick<AgeingCell, 'metalCoulombs' | 'parasiticAmps'>;
  /** When it ends while it gives a steady current in amperes. */
  readonly endsAt: (cellsInSeries: number, amps: number) => CellEndsAt;
}

export interface UseOfCell {
  readonly family: Pick<CellFamily, 'id' | 'supplies'>;
  readonly wrap: Wrap;
  readonly humidity: number;
  readonly celsius: number;
  readonly minusElectrodes: number;
  readonly piece?: Piece;
  readonly liquid?: LiquidId | undefined;
  readonly seconds: number;
}

/** @param fresh the cell in the room's warmth, without films. */
export function cellInUse(fresh: CellModel, use: UseOfCell): CellInUse {
  const { seconds } = use;
  const ageingIn = memoized((cellsInSeries): AgeingCell =>
    ageingCell(fresh, use.family, { ...use, cellsInSeries }),
  );
  return {
    fresh,
    seconds,
    after: memoized((cellsInSeries) => cellAfter(ageingIn(cellsInSeries), seconds)),
    afterSeconds: (cellsInSeries, time) => cellAfter(ageingIn(cellsInSeries), time),
    metalOf: ageingIn,
    endsAt: (cellsInSeries, amps) => endOfCell(ageingIn(cellsInSeries), amps),
  };
}

/** Asked again and again for the same length of string. */
function memoized<T>(work: (cellsInSeries: number) => T): (cellsInSeries: number) => T {
  const known = new Map<number, T>();
  return (cellsInSeries) => {
    const found = known.get(cellsInSeries);
    if (found !== undefined) return found;
    const made = work(cellsInSeries);
    known.set(cellsInSeries, made);
    return made;
  };
}

/** When metal, water or food ends a cell that gives a steady current in amperes. */
export function endOfCell(ageing: AgeingCell, amps: number): CellEndsAt {
  const { metalCoulombs, parasiticAmps, dryingPerSecond, spoilsSeconds } = ageing;
  const ends: CellEndsAt[] = [
    { seconds: metalCoulombs / (Math.max(0, amps) + parasiticAmps), by: 'metal-used-up' },
    { seconds: (1 - DRY_BELOW) / dryingPerSecond, by: 'dried-out' },
    { seconds: spoilsSeconds ?? Infinity, by: 'spoilt' },
  ];
  return ends.reduce((first, one) => (one.seconds < first.seconds ? one : first));
}

/** The same cells, each giving so many times the current: strong fruit or weak, but of one kind. */
export function scaledUse(use: CellInUse, scale: (cell: CellModel) => CellModel): CellInUse {
  return {
    ...use,
    fresh: scale(use.fresh),
    after: memoized((cellsInSeries) => scale(use.after(cellsInSeries))),
    afterSeconds: (cellsInSeries, seconds) => scale(use.afterSeconds(cellsInSeries, seconds)),
  };
}
