import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
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
 * between them each cell works near its greatest power. With `leastStrings` there stand at least so many, each giving
 * less.
 */
export function groupingFor(
  cell: CellFigures,
  volts: number,
  amps: number,
  leastStrings = 1,
): WishGrouping {
  const shortest = Math.floor(volts / cell.emfVolts) + 1;
  const longest = Math.max(shortest, Math.ceil((3 * volts) / cell.bestVolts));
  const step = Math.max(1, Math.floor((longest - shortest) / TRIED_ONE_BY_ONE));
  let best: WishGrouping | null = null;
  for (let inSeries = shortest; inSeries <= longest; inSeries += step) {
    const cellVolts = volts / inSeries;
    const most = cellAmpsAt(cell.model, cellVolts);
    if (!(most > 0)) continue;
    const strings = Math.max(leastStrings, Math.ceil((amps / most) * (1 - 1e-12)));
    const cells = inSeries * strings;
    if (best === null || cells < best.cells) {
      best = { inSeries, strings, cells, cellVolts, cellAmps: amps / strings };
    }
  }
  if (best === null) throw new Error('a cell with volts gives current at fewer volts');
  return best;
}
