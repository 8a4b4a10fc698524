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
