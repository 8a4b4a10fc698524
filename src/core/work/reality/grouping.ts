import { gridDesk } from '../../physics/desk/desk';
import type { Wish } from '../../records/plan/wishSchema';
import { endOfBattery, type CellEndsAt } from '../search/batteryInTime';
import { gridsFor } from '../search/searchGrids';
import type { CellFigures } from './cellFigures';

/** Cells that together stand at the wished volts and give the wished amps. */
export interface WishGrouping {
  readonly inSeries: number;
  readonly strings: number;
  readonly cells: number;
  /** Volts and amps of each cell at work. */
  readonly cellVolts: number;
  readonly cellAmps: number;
}

/** Lengths of strings that are tried one by one; longer ones are calculated in steps of a hundredth. */
const TRIED_ONE_BY_ONE = 400;

/**
 * Fewest cells that give `amps` at `volts`: every length of string is tried with as many strings as it then needs. A
 * short string is left hardly any volts for its own resistance, a long one carries volts that nobody asked for;
 * between them each cell works near its greatest power. With `minStrings` there stand at least so many, each giving
 * less.
 */
export function groupingFor(
  cell: CellFigures,
  volts: number,
  amps: number,
  minStrings = 1,
): WishGrouping {
  const shortest = Math.floor(volts / cell.emfVolts) + 1;
  const longest = Math.max(shortest, Math.ceil((3 * volts) / cell.bestVolts));
  const step = Math.max(1, Math.floor((longest - shortest) / TRIED_ONE_BY_ONE));
  const groupings = gridsFor(cell.model, { volts, amps }, { shortest, longest, step }).map(
    ({ cellsInSeries: inSeries, strings: enough }): WishGrouping => {
      const strings = Math.max(minStrings, enough);
      const cells = inSeries * strings;
      return { inSeries, strings, cells, cellVolts: volts / inSeries, cellAmps: amps / strings };
    },
  );
  const [first, ...others] = groupings;
  if (first === undefined) throw new Error('a cell with volts gives current at fewer volts');
  return others.reduce((best, one) => (one.cells < best.cells ? one : best), first);
}

/** When the first of them ends while it feeds a resistance that takes what is wished. */
export function endOfGrouping(
  { planned, running }: CellFigures,
  { volts, amps }: Extract<Wish, { kind: 'run' }>,
  { inSeries, strings }: WishGrouping,
): CellEndsAt {
  const desk = gridDesk(planned, inSeries, strings);
  return endOfBattery(desk, { load: { kind: 'resistor', ohms: volts / amps } }, running);
}

const MORE_STRINGS = 1.1;

/** So many strings that the metal lasts for the wished time, where any number does. */
export function lastingGrouping(
  cell: CellFigures,
  wish: Extract<Wish, { kind: 'run' }>,
  enough: WishGrouping,
): WishGrouping {
  const { volts, amps, seconds } = wish;
  const byCharge = Math.ceil((amps * seconds) / cell.coulombs);
  let grouping = enough;
  for (
    let strings = Math.max(enough.strings, byCharge);
    ;
    strings = Math.ceil(strings * MORE_STRINGS)
  ) {
    const { seconds: lasts } = endOfGrouping(cell, wish, grouping);
    // What corrodes without a current is the same in any number of them.
    if (lasts >= seconds || grouping.cellAmps < cell.shortAmps * LEAST_SHARE) return grouping;
    grouping = groupingFor(cell, volts, amps, strings);
  }
}

/** So little is asked of each that its own corrosion decides. */
const LEAST_SHARE = 1e-4;
